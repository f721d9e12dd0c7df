import { Box, Flex } from '@chakra-ui/react';
import { Choice } from '../kit/Choice';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { IN_MIX } from '../material/roles';
import { useStartingMaterials, useStock } from '../server/useStock';
import { BASES, type Basis } from './words';
import { numberIn } from '../kit/format';
import { doseUnit } from '../kit/style/units';
import { Wrong } from '../kit/Wrong';

export interface PartDraft {
  id: string;
  basis: Basis;
  amount: string;
}

export const NO_MATERIAL = '';

/** Stands before the code of a shipped material that the shop does not have yet. */
const SHIPPED = 'take-';

/** A part as it is sent: one of the shop's materials, or a shipped one that comes with it. */
export function partOf(part: PartDraft) {
  return {
    ...(part.id.startsWith(SHIPPED)
      ? { material: part.id.slice(SHIPPED.length) }
      : { materialId: Number(part.id) }),
    basis: part.basis,
    amount: numberIn(part.amount),
  };
}

/** All that can go into a mix: the shop's own materials first, then those it could take. */
export function useMixMaterials() {
  const { data: stock } = useStock();
  const { data: shipped } = useStartingMaterials();
  const own = (stock ?? [])
    .map((s) => s.material)
    .filter((m) => IN_MIX.includes(m.role) && !m.retired)
    .map((m) => ({ id: String(m.id), known: m, own: true }));
  const rest = (shipped ?? [])
    .filter((m) => IN_MIX.includes(m.role) && !own.some((o) => o.known.code === m.code))
    .map((m) => ({ id: `${SHIPPED}${m.code}`, known: m, own: false }));
  return [...own, ...rest];
}

interface Props {
  parts: PartDraft[];
  onParts: (parts: PartDraft[]) => void;
  problemOf: (field: string) => string | undefined;
}

/** The parts of a mix: which material, how much, in what. */
export function PartRows({ parts, onParts, problemOf }: Props) {
  const { data: stock } = useStock();
  const materials = useMixMaterials();
  const known = (id: string) => materials.find((m) => m.id === id)?.known;
  const set = (row: number, part: Partial<PartDraft>) =>
    onParts(parts.map((p, i) => (i === row ? { ...p, ...part } : p)));
  const binder = (stock ?? []).find(
    (s) => s.material.role === 'binder' && parts.some((p) => p.id === String(s.material.id)),
  )?.material;
  const ofKg = (part: PartDraft) =>
    known(part.id)?.role === 'pigment' ? binder?.cementKgABag : binder?.packKg;
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
                ...materials.map(
                  (m) => [m.id, m.own ? m.known.name : `${m.known.name} (shipped)`] as const,
                ),
              ]}
              onValue={(id) => set(row, { id })}
            />
          </Box>
          <Box w="110px">
            <TextField
              label={`amount ${row + 1}`}
              text={part.amount}
              onText={(amount) => set(row, { amount })}
              problem={
                part.amount.trim() !== '' && !Number.isFinite(numberIn(part.amount))
                  ? 'A number, or a fraction: 1 1/4.'
                  : (problemOf(`parts.${row}.amount`) ?? problemOf(`parts.${row}`))
              }
            />
          </Box>
          <Box w="210px">
            <Choice
              label="measured in"
              value={part.basis}
              options={BASES.map(([basis, words]) =>
                basis === 'percentOfBinder' && known(part.id)?.role === 'pigment'
                  ? ([basis, '% of cement'] as const)
                  : ([basis, words] as const),
              )}
              onValue={(basis) => set(row, { basis })}
            />
          </Box>
          {part.basis === 'percentOfBinder' && ofKg(part) !== undefined && (
            <Box w="150px">
              <TextField
                label={`or ${doseUnit().symbol} a bag, ${row + 1}`}
                text={perBag(part.amount, ofKg(part) ?? 0)}
                onText={(text) => {
                  const kg = numberIn(text) * doseUnit().kg;
                  if (kg > 0) {
                    set(row, { amount: String((kg * 100) / (ofKg(part) ?? 1)) });
                  }
                }}
              />
            </Box>
          )}
        </Flex>
      ))}
      <Wrong error={problemOf('parts')} />
      <Key
        onClick={() =>
          onParts([...parts, { id: NO_MATERIAL, basis: 'partsByVolume', amount: '1' }])
        }
      >
        Add an ingredient
      </Key>
    </Box>
  );
}

/** A percent of the binder as a mass to each of its bags. */
function perBag(percent: string, bagKg: number): string {
  const kg = (numberIn(percent) * bagKg) / 100;
  const shown = kg / doseUnit().kg;
  return Number.isFinite(shown) ? String(Number(shown.toFixed(4))) : '';
}
