import { Box, Checkbox, Flex, Text, Textarea } from '@chakra-ui/react';
import type { Schemas } from '../../api/client';
import { Choice } from '../../kit/Choice';
import { Key } from '../../kit/States';
import { TextField } from '../../kit/TextField';
import type { MouldDraft } from './useMouldForm';

type Kind = Schemas['MouldKind'];
type Face = Schemas['Face'];

interface Props {
  draft: MouldDraft;
  change: (part: Partial<MouldDraft>) => void;
  kind: Kind | undefined;
  problemOf: (field: string) => string | undefined;
}

const BARE = '';

/** What is done before each cast: release agents face by face, and the list to tick. */
export function PrepareFields({ draft, change, kind, problemOf }: Props) {
  const set = (row: number, face: Face) =>
    change({ faces: draft.faces.map((f, i) => (i === row ? face : f)) });
  const agents = kind?.release ?? [];
  return (
    <Box>
      {draft.faces.map((face, row) => (
        <Flex key={row} gap={3} alignItems="flex-start" wrap="wrap">
          <Box w="150px">
            <TextField
              label="face"
              text={face.name}
              onText={(name) => set(row, { ...face, name })}
            />
          </Box>
          <Box w="200px">
            <Choice
              label="release agent"
              value={face.release ?? BARE}
              options={[
                [BARE, agents.length === 0 ? 'none goes on it' : 'none'] as const,
                // One that was kept stays to be seen; whether it may stay is said at its field.
                ...[...agents, ...kept(face.release, agents)].map((a) => [a, a] as const),
              ]}
              onValue={(release) =>
                set(row, {
                  name: face.name,
                  mustBond: face.mustBond,
                  ...(release !== BARE && { release }),
                })
              }
              problem={problemOf(`faces.${row}.release`)}
            />
          </Box>
          <Checkbox.Root
            checked={face.mustBond}
            onCheckedChange={(e) => set(row, { ...face, mustBond: e.checked === true })}
            minH="56px"
            pt="22px"
          >
            <Checkbox.HiddenInput />
            <Checkbox.Control borderColor="steel" borderWidth="2px" />
            <Checkbox.Label>must bond</Checkbox.Label>
          </Checkbox.Root>
        </Flex>
      ))}
      <Flex mb={3}>
        <Key onClick={() => change({ faces: [...draft.faces, { name: 'core', mustBond: false }] })}>
          Add a face
        </Key>
      </Flex>
      <label>
        <Text as="span" textStyle="small" color="quiet">
          To tick before each cast, a line each; left empty: {kind?.preparation.join(' · ')}
        </Text>
        <Textarea
          value={draft.preparation}
          onChange={(e) => change({ preparation: e.target.value })}
          rows={4}
          bg="panel"
          borderColor="steel"
          borderWidth="2px"
        />
      </label>
    </Box>
  );
}

function kept(release: string | undefined, agents: string[]): string[] {
  return release !== undefined && !agents.includes(release) ? [release] : [];
}
