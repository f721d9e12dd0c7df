import { Box, Text } from '@chakra-ui/react';
import { useRoute } from '../route/useRoute';
import { benchMass } from '../kit/style/bench';
import { left } from '../kit/format';
import { Caution } from '../kit/States';
import { FillPanel } from '../finish/FillPanel';
import { useMould, useMouldSum } from '../mould/useMoulds';
import type { Group } from './useShelf';
import { area, mass, say } from '../kit/style/units';

/** Faces do not depend on it. */
const ORDINARY_KG_M3 = 2200;

/** What a step wants, from the piece's own geometry and route, with its caution. */
export function StepAdvice({ group }: { group: Group }) {
  switch (group.step) {
    case 'trim':
      return (
        <>
          <Text mb={2}>
            Edges and drain holes cut like soap now: 60 then 80 grit, 80 to 120 on edges.
          </Text>
          <Caution
            line="Respirator and goggles; fan blowing the dust away from you."
            more="Grinding dust carries respirable silica: work wet where you can, never only with an open window. Gloves: it is caustic still."
          />
        </>
      );
    case 'rinse':
      return (
        <Caution
          line="Gloves and goggles: bath water is caustic."
          more="Wash the slime off straight away, or it dries to a dust that no sealer holds to. Settle the water; keep it out of drains and gardens."
        />
      );
    case 'seal':
      return <CoatAdvice group={group} />;
    case 'fill':
      return <FillPanel mouldId={group.mouldId} pieces={group.pieces} />;
    case 'fit':
      return (
        <Caution
          line="Electrical work: a qualified person, with listed parts."
          more="Fit from a listed kit only, see that the cable way is clear and nothing is damp, and have it tested. This application does not approve a lamp."
        />
      );
    case 'pack':
      return (
        <Caution
          line={`Over ${mass(23)}: two people or a trolley.`}
          more={`One person lifts about ${mass(23)} under ideal conditions (NIOSH lifting equation, load constant). Sealers and concrete must suit food, fish, fire or load before they are sold for it.`}
        />
      );
    default:
      return null;
  }
}

/** Area and grams of a coat, from the mould's faces and the route. */
function CoatAdvice({ group }: { group: Group }) {
  const { data: route } = useRoute(String(group.productId));
  const { data: mould } = useMould(String(group.mouldId));
  const step = route?.route.route.steps[group.stepNo];
  const { data: sum } = useMouldSum(mould, mould?.shape.coreOffsetMm ?? 0, ORDINARY_KG_M3);
  const whole = step?.faces === 'inside' ? sum?.insideM2 : sum?.castSurfaceM2;
  const areaM2 = whole === undefined ? undefined : whole / (mould?.shape.cavities ?? 1);
  const grams = areaM2 && step?.gramsPerM2 ? areaM2 * step.gramsPerM2 : undefined;
  return (
    <Box mb={2}>
      {areaM2 !== undefined && grams !== undefined && (
        <Text mb={2}>
          <b>{benchMass(grams / 1000)}</b> of sealer a piece,{' '}
          {benchMass((grams * group.pieces) / 1000)} for all: {area(areaM2)}{' '}
          {step?.faces === 'inside' ? 'inside' : 'all over'} at{' '}
          {say(step?.gramsPerM2 ?? 0, 'coverage')}.
        </Text>
      )}
      <Text mb={2}>
        Thin, and wipe off what stands: thick coats peel.
        {group.round < group.times && step?.gapMin
          ? ` Next coat ${left(step.gapMin * 60_000)} h later, when this one is touch-dry.`
          : ' Touch-dry before anything stands on it; 24 h before use.'}
      </Text>
      <Caution
        line="Ventilate; no flame near solvents."
        more="Food, drink and fish: the sealer must be suited and tested for it."
      />
    </Box>
  );
}
