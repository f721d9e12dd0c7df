import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { MeasureField } from '../../kit/MeasureField';
import { QuantityField } from '../../kit/QuantityField';
import { Key } from '../../kit/States';
import { entry } from '../../kit/style/entry';
import { freshSolid } from './draft';
import { SolidFields } from './SolidFields';
import type { MouldDraft, PlacedDraft } from './useMouldForm';

interface Props {
  draft: MouldDraft;
  change: (part: Partial<MouldDraft>) => void;
  problemOf: (field: string) => string | undefined;
}

/** The core, further cores and bore plugs, each in its place. */
export function CoreFields({ draft, change, problemOf }: Props) {
  const { core } = draft;
  const setMore = (row: number, part: Partial<PlacedDraft>) =>
    change({ more: draft.more.map((m, i) => (i === row ? { ...m, ...part } : m)) });
  return (
    <Box>
      {core ? (
        <>
          <SolidFields
            label="The core is a"
            draft={core}
            onDraft={(next) => change({ core: next })}
            problem={undefined}
            problemOf={(f) => problemOf(f ? `core.${f}` : 'core')}
          />
          <Grid templateColumns="1fr 1fr 1fr" columnGap={3}>
            <QuantityField
              label="base thickness"
              text={draft.coreLift}
              onText={(coreLift) => change({ coreLift })}
              dimension="length"
              problem={problemOf('coreLiftMm')}
            />
            <QuantityField
              label="usual offset of the core"
              text={draft.coreOffset}
              onText={(coreOffset) => change({ coreOffset })}
              dimension="length"
              problem={problemOf('coreOffsetMm')}
            />
            <QuantityField
              label="its own mass"
              text={draft.coreMass}
              onText={(coreMass) => change({ coreMass })}
              dimension="mass"
              problem={problemOf('coreMassKg')}
            />
          </Grid>
        </>
      ) : null}
      {draft.more.map((placed, row) => (
        <Box key={row} borderLeft="4px solid" borderColor="rule" pl={3} mb={2}>
          <Text textStyle="label">Core or plug {row + 1}</Text>
          <SolidFields
            label="It is a"
            draft={placed.solid}
            onDraft={(solid) => setMore(row, { solid })}
            problem={undefined}
            problemOf={(f) => problemOf(`moreCores.${row}.solid${f ? `.${f}` : ''}`)}
          />
          <Flex gap={3} alignItems="flex-end">
            <QuantityField
              label="lifted"
              text={placed.liftMm}
              onText={(liftMm) => setMore(row, { liftMm })}
              dimension="length"
            />
            <MeasureField
              label="along"
              measure="length"
              text={placed.xMm}
              onText={(xMm) => setMore(row, { xMm })}
            />
            <MeasureField
              label="across"
              measure="length"
              text={placed.yMm}
              onText={(yMm) => setMore(row, { yMm })}
            />
            <QuantityField
              label="it weighs"
              text={placed.mass}
              onText={(mass) => setMore(row, { mass })}
              dimension="mass"
            />
            <Box pb="20px">
              <Key onClick={() => change({ more: draft.more.filter((_, i) => i !== row) })}>
                Take out
              </Key>
            </Box>
          </Flex>
        </Box>
      ))}
      <Flex gap={3} wrap="wrap" mb={3}>
        {core ? (
          <Key onClick={() => change({ core: undefined } as unknown as Partial<MouldDraft>)}>
            No core
          </Key>
        ) : (
          <Key
            onClick={() =>
              change({
                core: freshSolid('cone', {
                  topDiameterMm: 130,
                  baseDiameterMm: 96,
                  heightMm: 135,
                }),
              })
            }
          >
            Add a core
          </Key>
        )}
        <Key
          onClick={() =>
            change({
              more: [
                ...draft.more,
                {
                  solid: freshSolid('cylinder', { diameterMm: 20, heightMm: 200 }),
                  liftMm: entry(0, 'length'),
                  xMm: '0',
                  yMm: '0',
                  mass: '',
                },
              ],
            })
          }
        >
          Add a bore plug
        </Key>
      </Flex>
    </Box>
  );
}
