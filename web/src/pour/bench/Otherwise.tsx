import { Grid, Text } from '@chakra-ui/react';
import type { Step, What } from '../script/facts';
import { allAsAsked, filled, openFills, shortage, mixedMore } from './acts';
import { Option } from './Option';
import type { Panel } from './panels';
import { type Bench, mixName } from '../words';
import { benchMass } from '../../kit/style/bench';
import { volume } from '../../kit/style/units';

interface Props {
  bench: Bench;
  step: Step;
  onNote: (whats: What[]) => void;
  onPanel: (panel: Panel) => void;
}

/** What else may have happened at this step; each is a press, or a press and its reason. */
export function Otherwise({ bench, step, onNote, onPanel }: Props) {
  const { state, session } = bench;
  const batch = state.batches.find((b) => b.batch === step.batch);
  const wet = batch !== undefined && isWet(batch);
  const planned = session.meant.sheet.copies.find((c) => c.key === step.about);
  const cavities = step.kind === 'fill' ? (planned?.cavities ?? 1) : 1;
  const short = shortage(state, step.batch);
  const empty = state.copies.filter((c) => c.fill !== 'full' && c.leftOut === undefined);
  const fills = openFills(state, step.batch).map((s) => s.about);
  // The copy at hand comes first, then the others that are still open.
  const leave = [
    ...new Set([...(step.kind === 'fill' ? [step.about] : fills), ...empty.map((c) => c.copy)]),
  ];
  return (
    <>
      <Text as="h2" textStyle="title" fontSize="40px" mb={4} tabIndex={-1}>
        What happened?
      </Text>
      <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} gap={2} maxW="720px">
        {step.kind === 'weigh' && (
          <Option
            title="As asked, the rest of this mix"
            words="counts as assumed, teaches nothing"
            onClick={() => onNote(allAsAsked(step, state))}
          />
        )}
        {step.kind === 'fill' && (
          <>
            {Array.from({ length: cavities - 1 }, (_, i) => cavities - 1 - i)
              .slice(0, 3)
              .map((n) => (
                <Option
                  key={n}
                  title={`Only ${n} of ${cavities} cavities`}
                  words={`${step.about} gives ${n}`}
                  onClick={() => onNote(filled(step, true, { cavities: n }))}
                />
              ))}
          </>
        )}
        {step.kind === 'fill' &&
          state.batches
            .filter((b) => b.batch !== step.batch && b.leftKg > 0 && isWet(b))
            .map((b) => (
              <Option
                key={b.batch}
                title={`${step.about} is full, from ${mixName(bench, b.batch)}`}
                words={`${benchMass(b.leftKg)} is left there`}
                onClick={() =>
                  onNote([{ kind: 'filled', copy: step.about, batch: b.batch, all: true }])
                }
              />
            ))}
        {short && (
          <Option
            title={`Mix ${volume(short.mixL)} more`}
            words={`${short.copies.join(' ')} would be short`}
            onClick={() => onNote(mixedMore(state, step.batch ?? '', short.mixL))}
          />
        )}
        {leave.slice(0, 4).map((copy) => (
          <Option
            key={copy}
            title={`Leave ${copy} out`}
            words="what it was for is short again"
            onClick={() => onPanel({ kind: 'why', what: { kind: 'leftOut', copy, why: '' } })}
          />
        ))}
        {wet && (
          <>
            <Option
              title="Into another mould"
              words="one that was not planned: a casting like any other"
              onClick={() => onPanel({ kind: 'room' })}
            />
            <Option
              title="Another colour, or thinner"
              words="part of the bowl becomes a bowl of its own"
              onClick={() => onPanel({ kind: 'split' })}
            />
            <Option
              title="It went off in the bowl"
              words="the rest is thrown, with its reason and its cost"
              onClick={() =>
                onPanel({
                  kind: 'why',
                  what: { kind: 'thrown', batch: step.batch ?? '', why: '' },
                })
              }
            />
          </>
        )}
        {batch && batch.inKg > 0 && (
          <Option
            title="Something else went in"
            words="more water, more pigment, anything"
            onClick={() => onPanel({ kind: 'putIn' })}
          />
        )}
        {state.copies.every((c) => c.fill === 'empty') && (
          <Option
            title="Give this pour up"
            words="what was weighed stays weighed; no mould is held"
            onClick={() => onPanel({ kind: 'why', what: { kind: 'abandoned', why: '' } })}
          />
        )}
      </Grid>
    </>
  );
}

function isWet(batch: Bench['state']['batches'][number]): boolean {
  return batch.mixes.some((m) => m.wettedAt !== undefined);
}
