import { Box, Flex } from '@chakra-ui/react';
import { useStock } from '../server/useStock';
import { Choice } from '../kit/Choice';
import { MeasureField } from '../kit/MeasureField';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { useProducts } from '../server/useProducts';
import type { StepDraft } from './draft';

interface Props {
  draft: StepDraft;
  onDraft: (part: Partial<StepDraft>) => void;
  problem: (field: string) => string | undefined;
}

/** What a joining step takes: pieces of other products, and mix. */
export function PartsFields({ draft, onDraft, problem }: Props) {
  const { data: products } = useProducts();
  const { data: stock } = useStock();
  const setMaterial = (no: number, part: Partial<StepDraft['materials'][number]>) =>
    onDraft({ materials: draft.materials.map((m, i) => (i === no ? { ...m, ...part } : m)) });
  const set = (no: number, part: Partial<StepDraft['parts'][number]>) =>
    onDraft({ parts: draft.parts.map((p, i) => (i === no ? { ...p, ...part } : p)) });
  return (
    <Flex gap={3} wrap="wrap" alignItems="flex-start" flexBasis="100%" pl={6}>
      {draft.parts.map((part, no) => (
        <Flex key={no} gap={2}>
          <Box w="80px">
            <TextField
              label="takes"
              text={part.quantity}
              onText={(quantity) => set(no, { quantity })}
              problem={problem(`parts.${no}.quantity`)}
            />
          </Box>
          <Box w="220px">
            <Choice
              label="of"
              value={part.productId}
              options={[
                ['', 'no more of it'] as const,
                ...(products ?? []).map((p) => [String(p.product.id), p.product.name] as const),
              ]}
              onValue={(productId) =>
                productId === ''
                  ? onDraft({ parts: draft.parts.filter((_, i) => i !== no) })
                  : set(no, { productId })
              }
            />
          </Box>
        </Flex>
      ))}
      <Box pt="21px">
        <Key
          disabled={!products || products.length === 0}
          onClick={() =>
            onDraft({
              parts: [
                ...draft.parts,
                { productId: String(products?.[0]?.product.id ?? ''), quantity: '1' },
              ],
            })
          }
        >
          {draft.parts.length === 0 ? 'Take parts' : 'Another part'}
        </Key>
      </Box>
      <Box w="150px">
        <MeasureField
          label="mix to join one"
          measure="mass"
          text={draft.mix}
          onText={(mix) => onDraft({ mix })}
          problem={problem('mixKg')}
        />
      </Box>
      {draft.materials.map((material, no) => (
        <Flex key={no} gap={2}>
          <Box w="220px">
            <Choice
              label="and from stock"
              value={material.materialId}
              options={[
                ['', 'no more of it'] as const,
                ...(stock ?? []).map((s) => [String(s.material.id), s.material.name] as const),
              ]}
              onValue={(materialId) =>
                materialId === ''
                  ? onDraft({ materials: draft.materials.filter((_, i) => i !== no) })
                  : setMaterial(no, { materialId })
              }
              problem={problem(`materials.${no}.materialId`)}
            />
          </Box>
          <Box w="120px">
            <MeasureField
              label="each time"
              measure="mass"
              text={material.mass}
              onText={(mass) => setMaterial(no, { mass })}
              problem={problem(`materials.${no}.massKg`)}
            />
          </Box>
        </Flex>
      ))}
      <Box pt="21px">
        <Key
          disabled={!stock || stock.length === 0}
          onClick={() =>
            onDraft({
              materials: [
                ...draft.materials,
                { materialId: String(stock?.[0]?.material.id ?? ''), mass: '' },
              ],
            })
          }
        >
          Take from stock
        </Key>
      </Box>
    </Flex>
  );
}
