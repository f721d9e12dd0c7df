import { Text } from '@chakra-ui/react';
import { Caution } from '../kit/States';
import { CoatPanel } from '../finish/CoatPanel';
import { FillPanel } from '../finish/FillPanel';
import type { Group } from '../server/useShelf';
import { mass } from '../kit/style/units';
import { has } from './words';

/** What a step wants, from the piece's own geometry and route, with its caution. */
export function StepAdvice({ group }: { group: Group }) {
  if (has(group, 'cuts')) {
    return (
      <>
        {has(group, 'whileGreen') && (
          <Text mb={2}>
            Edges and drain holes cut like soap now: 60 then 80 grit, 80 to 120 on edges.
          </Text>
        )}
        <Caution
          line="Respirator and goggles; fan blowing the dust away from you."
          more="Grinding and drilling dust carries respirable silica: work wet where you can, never only with an open window. Gloves: it is caustic still."
        />
      </>
    );
  }
  if (has(group, 'washes')) {
    return (
      <Caution
        line="Gloves and goggles: bath water is caustic."
        more="Wash the slime off straight away, or it dries to a dust that no sealer holds to. Settle the water; keep it out of drains and gardens."
      />
    );
  }
  if (has(group, 'coats')) {
    return <CoatPanel group={group} />;
  }
  if (has(group, 'fills')) {
    return <FillPanel mouldId={group.mouldId} productId={group.productId} pieces={group.pieces} />;
  }
  if (has(group, 'ends')) {
    return (
      <Caution
        line={`Over ${mass(23)}: two people or a trolley.`}
        more={`One person lifts about ${mass(23)} under ideal conditions (NIOSH lifting equation, load constant). Sealers and concrete must suit food, fish, fire or load before they are sold for it.`}
      />
    );
  }
  if (group.step === 'fit') {
    return (
      <Caution
        line="Electrical work: a qualified person, with listed parts."
        more="Fit from a listed kit only, see that the cable way is clear and nothing is damp, and have it tested. This application does not approve a lamp."
      />
    );
  }
  return null;
}
