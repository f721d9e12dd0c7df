import { Grid, Text } from '@chakra-ui/react';
import { plural } from '../../kit/format';
import { benchMass, stopMass } from '../../kit/style/bench';
import { saidParts, volume } from '../../kit/style/units';
import type { Step, What } from '../script/facts';
import { addedCopies, type FreeMould, leftOut, mixedMore, shortage, tippedBack } from './acts';
import { Option } from './Option';
import { useRoom } from './useRoom';
import { type Bench, materialName } from '../words';

const RAN_SHORT = 'the mix ran short';

interface Props {
  bench: Bench;
  step: Step;
  short: NonNullable<ReturnType<typeof shortage>>;
  onNote: (whats: What[]) => void;
}

/** The bowl is empty and not all is full: what can be done, each a press. */
export function ShortView({ bench, step, short, onNote }: Props) {
  const { state, sheet } = bench;
  const batch = step.batch ?? '';
  const room = useRoom(bench.session.id).data ?? [];
  const held = state.copies.filter((c) => short.copies.includes(c.copy) && c.fill === 'part');
  const heldKg = held.reduce((sum, c) => sum + c.kg, 0);
  const part = held.map((c) => c.copy).join(' and ');
  const open = short.copies.join(' and ');
  const empty = short.copies.filter((c) => !held.some((h) => h.copy === c));
  const figure = saidParts(short.litres, 'volume');
  const smaller = room.filter((m) => m.fillFromPart > 0).slice(0, 1);
  const away = tippedBack(bench, short.copies, batch);
  return (
    <>
      <Text as="h2" textStyle="title" fontSize="40px" tabIndex={-1}>
        The bowl is empty, {open} {short.copies.length === 1 ? 'is' : 'are'} not full
      </Text>
      <Text textStyle="reading" color="oxide">
        {figure.value}
        <Text as="span" fontSize="56px" fontWeight={500} color="quiet" ml={3}>
          {figure.unit} short
        </Text>
      </Text>
      <Text fontSize="20px" color="quiet" mb={4} maxW="600px">
        {[part && `${part} ${held.length === 1 ? 'holds' : 'hold'} ${stopMass(heldKg)}`, why(bench)]
          .filter(Boolean)
          .join('. ')}
        .
      </Text>
      <Grid templateColumns="1fr 1fr" gap={2} maxW="620px">
        <Grid gridColumn="1 / -1">
          <Option
            main
            title={`Mix ${volume(short.mixL)} more`}
            words={`${short.materials
              .map(([id, kg]) => `${benchMass(kg)} ${materialName(sheet, id).toLowerCase()}`)
              .join(
                ' · ',
              )}, as it really went in.${part ? ` ${part} gets two mixes: knife through the join, and it is noted.` : ''}`}
            onClick={() => onNote(mixedMore(state, batch, short.mixL))}
          />
        </Grid>
        {part && (
          <Option
            title={`Leave ${part} as it is`}
            words={`part full: a first is unlikely.${empty.length > 0 ? ` ${empty.join(' ')} stays free.` : ''}`}
            onClick={() => onNote(leftOut(short.copies, RAN_SHORT))}
          />
        )}
        <Option
          title={`Leave ${open} out`}
          words={`${part ? `${part}’s ${stopMass(heldKg)} goes to a dish or away; ` : ''}what it was for is ${short.copies.length} short again.`}
          onClick={() => onNote([...away, ...leftOut(short.copies, RAN_SHORT)])}
        />
        {smaller.map((mould) => (
          <Option
            key={mould.mouldId}
            title="Into something smaller"
            words={`${stopMass(heldKg)} fills ${copiesOf(mould)}.`}
            onClick={() =>
              onNote([
                ...away,
                ...leftOut(short.copies, RAN_SHORT),
                ...addedCopies(mould, mould.fillFromPart),
              ])
            }
          />
        ))}
        {part && (
          <Option
            title="Stop here"
            words={`what stands is recorded, ${part}’s ${stopMass(heldKg)} thrown with its reason.`}
            onClick={() =>
              onNote([
                ...away,
                ...leftOut(short.copies, RAN_SHORT),
                { kind: 'thrown', batch, why: RAN_SHORT },
              ])
            }
          />
        )}
      </Grid>
    </>
  );
}

/** The copies that what stands in the others fills. */
function copiesOf({ mould, copies, fillFromPart }: FreeMould): string {
  return `${plural(fillFromPart, mould)}: ${copies.slice(0, fillFromPart).join(', ')} ${fillFromPart === 1 ? 'is' : 'are'} free`;
}

/** Where it went: what was weighed short, and what the moulds took over their sum. */
function why({ state, sheet }: Bench): string {
  const under = state.steps.filter(
    (s) => s.weigh && s.status === 'done' && s.weigh.askedKg - s.weigh.wentKg > s.weigh.toleranceKg,
  );
  return under.length > 0
    ? under
        .map(
          ({ weigh }) =>
            `${benchMass(weigh?.wentKg ?? 0)} of ${materialName(sheet, weigh?.material ?? '').toLowerCase()} went in for ${benchMass(weigh?.askedKg ?? 0)}`,
        )
        .join(', ')
    : `The bowl gave less than its sum: ${benchMass(Math.abs(state.bowl.unaccountedKg))} not accounted for`;
}
