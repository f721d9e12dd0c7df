import { Box, Flex } from '@chakra-ui/react';
import { Choice } from '../kit/Choice';
import { TextField } from '../kit/TextField';
import type { StepDraft } from './draft';
import { PartsFields } from './PartsFields';
import type { Effect, StepKind } from '../server/useStepKinds';
import { MeasureField } from '../kit/MeasureField';

interface Props {
  draft: StepDraft;
  row: number;
  kinds: readonly StepKind[];
  stations: readonly (readonly [string, string])[];
  onDraft: (draft: StepDraft) => void;
  problemOf: (field: string) => string | undefined;
}

/** One step of a route, with what belongs to its kind. */
export function StepRow({ draft, row, kinds, stations, onDraft, problemOf }: Props) {
  const set = (part: Partial<StepDraft>) => onDraft({ ...draft, ...part });
  const problem = (field: string) => problemOf(`steps.${row}.${field}`);
  const kind = kinds.find((k) => k.code === draft.step);
  const does = (effect: Effect) => kind?.effects.includes(effect) ?? false;
  const waits = kind?.waits ?? false;
  const own = does('sets') || does('dries');
  const coats = does('coats');
  const again = !waits && !does('pours') && !does('freesMould') && !does('ends');
  return (
    <Flex gap={3} wrap="wrap" alignItems="flex-start">
      <Box w="150px">
        <Choice
          label={`step ${row + 1}`}
          value={draft.step}
          options={kinds.map((k) => [k.code, k.todo] as const)}
          onValue={(step) => set({ step })}
          problem={problem('step')}
        />
      </Box>
      {waits ? (
        <Box w="170px">
          <TextField
            label={own ? 'hours (empty: the mix’s)' : 'hours'}
            text={draft.wait}
            onText={(wait) => set({ wait })}
            problem={problem('waitH')}
          />
        </Box>
      ) : (
        <>
          <Box w="130px">
            <TextField
              label="minutes per piece"
              text={draft.minutes}
              onText={(minutes) => set({ minutes })}
              problem={problem('attendedMin')}
            />
          </Box>
          <Box w="130px">
            <TextField
              label="best done within, h"
              text={draft.best}
              onText={(best) => set({ best })}
              problem={problem('bestH')}
            />
          </Box>
        </>
      )}
      {does('wets') && !kind?.wetting && (
        <Box w="150px">
          <Choice
            label="keep wet"
            value={draft.wetting}
            options={[
              ['underWater', 'under water'] as const,
              ['wrapped', 'wrapped'] as const,
              ['misted', 'misted'] as const,
            ]}
            onValue={(wetting) => set({ wetting })}
          />
        </Box>
      )}
      {again && (
        <>
          <Box w="80px">
            <TextField
              label={coats ? 'coats' : 'times'}
              text={draft.times}
              onText={(times) => set({ times })}
              problem={problem('times')}
            />
          </Box>
          {Number(draft.times) > 1 && (
            <Box w="160px">
              <TextField
                label={coats ? 'minutes between coats' : 'minutes between'}
                text={draft.gap}
                onText={(gap) => set({ gap })}
                problem={problem('gapMin')}
              />
            </Box>
          )}
        </>
      )}
      {coats && (
        <>
          <Box w="130px">
            <Choice
              label="faces"
              value={draft.faces}
              options={[['allOver', 'all over'] as const, ['inside', 'inside'] as const]}
              onValue={(faces) => set({ faces })}
            />
          </Box>
          <Box w="120px">
            <MeasureField
              label="per coat"
              measure="coverage"
              text={draft.grams}
              onText={(grams) => set({ grams })}
              problem={problem('gramsPerM2')}
            />
          </Box>
        </>
      )}
      <Box w="170px">
        <Choice
          label="station"
          value={draft.station}
          options={[['', 'no station'] as const, ...stations]}
          onValue={(station) => set({ station })}
          problem={problem('station')}
        />
      </Box>
      {does('joins') && <PartsFields draft={draft} onDraft={set} problem={problem} />}
    </Flex>
  );
}
