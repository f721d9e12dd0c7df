import { Box, Checkbox, Flex } from '@chakra-ui/react';
import { Choice } from '../kit/Choice';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import type { Colourway } from '../server/useRecipes';

export interface LayerDraft {
  name: string;
  colourwayId: string;
  share: string;
  wait: string;
  withoutFibre: boolean;
  again: boolean;
  /** The mould that it is put into; empty: the product's own. */
  mouldId: string;
}

/** One of which nothing is said yet. */
export const NO_LAYER: LayerDraft = {
  name: '',
  colourwayId: '',
  share: '0',
  wait: '0',
  withoutFibre: false,
  again: false,
  mouldId: '',
};

/** The colour that was ordered. */
export const ORDERED = '';

interface Props {
  layers: LayerDraft[];
  colourways: Colourway[];
  moulds: (readonly [string, string])[];
  onLayers: (layers: LayerDraft[]) => void;
  problemOf: (field: string) => string | undefined;
}

/** The layers of a product: colours by share, a face and its back, two heads. */
export function LayerRows({ layers, colourways, moulds, onLayers, problemOf }: Props) {
  const set = (row: number, part: Partial<LayerDraft>) =>
    onLayers(layers.map((l, i) => (i === row ? { ...l, ...part } : l)));
  return (
    <Box>
      {layers.map((layer, row) => (
        <Flex key={row} gap={3} wrap="wrap" alignItems="flex-start">
          <Box w="150px">
            <TextField
              label={`layer ${row + 1}`}
              text={layer.name}
              onText={(name) => set(row, { name })}
              problem={problemOf(`layers.${row}.name`)}
            />
          </Box>
          <Box w="210px">
            <Choice
              label="colour"
              value={layer.colourwayId}
              options={[
                [ORDERED, 'the colour ordered'] as const,
                ...colourways.map((c) => [String(c.id), c.name] as const),
              ]}
              onValue={(colourwayId) => set(row, { colourwayId })}
            />
          </Box>
          <Box w="120px">
            <TextField
              label="% of the mould"
              text={layer.share}
              onText={(share) => set(row, { share })}
              problem={problemOf(`layers.${row}.sharePercent`)}
            />
          </Box>
          {row > 0 && (
            <Box w="190px">
              <TextField
                label="wait before it, h (0: none)"
                text={layer.wait}
                onText={(wait) => set(row, { wait })}
                problem={problemOf(`layers.${row}.waitH`)}
              />
            </Box>
          )}
          <Checkbox.Root
            mt="36px"
            minH="32px"
            checked={layer.withoutFibre}
            onCheckedChange={(e) => set(row, { withoutFibre: e.checked === true })}
          >
            <Checkbox.HiddenInput />
            <Checkbox.Control borderColor="steel" />
            <Checkbox.Label>no fibre</Checkbox.Label>
          </Checkbox.Root>
          {row > 0 && (
            <Checkbox.Root
              mt="36px"
              minH="32px"
              checked={layer.again}
              onCheckedChange={(e) => set(row, { again: e.checked === true })}
            >
              <Checkbox.HiddenInput />
              <Checkbox.Control borderColor="steel" />
              <Checkbox.Label>put back into a mould for it</Checkbox.Label>
            </Checkbox.Root>
          )}
          {layer.again && (
            <Box w="210px">
              <Choice
                label="into"
                value={layer.mouldId}
                options={[['', 'the same mould'] as const, ...moulds]}
                onValue={(mouldId) => set(row, { mouldId })}
              />
            </Box>
          )}
        </Flex>
      ))}
      <Flex gap={3}>
        <Key onClick={() => onLayers([...layers, NO_LAYER])}>Add a layer</Key>
        {layers.length > 1 && <Key onClick={() => onLayers(layers.slice(0, -1))}>One less</Key>}
      </Flex>
    </Box>
  );
}
