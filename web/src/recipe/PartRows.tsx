import { Box, Flex, Text } from '@chakra-ui/react';
import { Choice } from '../kit/Choice';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { useStock } from '../material/useStock';
import { BASES, type Basis } from './words';
import { numberIn } from '../kit/format';

export interface PartDraft {
  id: string;
  basis: Basis;
  amount: string;
}

export const NO_MATERIAL = '';

interface Props {
  parts: PartDraft[];
  onParts: (parts: PartDraft[]) => void;
  problemOf: (field: string) => string | undefined;
}

/** The parts of a mix: which material, how much, in what. */
export function PartRows({ parts, onParts, problemOf }: Props) {
  const { data: stock } = useStock();
  const set = (row: number, part: Partial<PartDraft>) =>
    onParts(parts.map((p, i) => (i === row ? { ...p, ...part } : p)));
  const bagKg = (stock ?? []).find(
    (s) => s.material.role === 'binder' && parts.some((p) => p.id === String(s.material.id)),
  )?.material.packKg;
  return (
    <Box>
      {parts.map((part, row) => (
        <Flex key={row} gap={3} wrap="wrap">
          <Box w="280px">
            <Choice
              label={`material ${row + 1}`}
              value={part.id}
              options={[
                [NO_MATERIAL, 'none'] as const,
                ...(stock ?? []).map((s) => [String(s.material.id), s.material.name] as const),
              ]}
              onValue={(id) => set(row, { id })}
            />
          </Box>
          <Box w="110px">
            <TextField
              label={`amount ${row + 1}`}
              text={part.amount}
              onText={(amount) => set(row, { amount })}
              problem={problemOf(`parts.${row}.amount`)}
            />
          </Box>
          <Box w="210px">
            <Choice
              label="in"
              value={part.basis}
              options={BASES}
              onValue={(basis) => set(row, { basis })}
            />
          </Box>
          {part.basis === 'percentOfBinder' && bagKg !== undefined && (
            <Box w="150px">
              <TextField
                label={`or kg a bag, ${row + 1}`}
                text={perBag(part.amount, bagKg)}
                onText={(text) => {
                  const kg = numberIn(text);
                  if (kg > 0) {
                    set(row, { amount: String((kg * 100) / bagKg) });
                  }
                }}
              />
            </Box>
          )}
        </Flex>
      ))}
      {problemOf('parts') && (
        <Text role="alert" color="oxide">
          {problemOf('parts')}
        </Text>
      )}
      <Key
        onClick={() =>
          onParts([...parts, { id: NO_MATERIAL, basis: 'partsByVolume', amount: '1' }])
        }
      >
        One more part
      </Key>
    </Box>
  );
}

/** A percent of the binder as kilograms to each of its bags. */
function perBag(percent: string, bagKg: number): string {
  const kg = (numberIn(percent) * bagKg) / 100;
  return Number.isFinite(kg) ? String(Math.round(kg * 10_000) / 10_000) : '';
}
