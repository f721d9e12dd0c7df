import { Box, Checkbox, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Choice } from '../kit/Choice';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { type Effect, type StepKind, useAddKind } from '../server/useStepKinds';
import { Wrong } from '../kit/Wrong';

/** What a step of a shop's own may do, and the rule that it then obeys. */
const DOES: readonly (readonly [Effect, string, string])[] = [
  ['coats', 'leaves a film', 'Only on a dry piece, with the slime of a bath washed off.'],
  ['cuts', 'cuts or grinds', 'Comes with the caution for dust.'],
  [
    'whileGreen',
    'is easiest while green',
    'Late when the piece has gone hard; never through a film.',
  ],
  ['wets', 'keeps it wet', 'Never over a film, and it has to dry again before one.'],
  ['washes', 'takes slime off', 'A film may follow once it is dry.'],
  ['dries', 'dries it', 'A film may follow.'],
  ['heats', 'warms it', 'In a warm station the plan takes that station’s temperature.'],
  ['fills', 'fills it', 'Comes with what goes into the vessel.'],
  ['weighs', 'weighs it', 'The scale is asked for.'],
  ['grades', 'grades it', 'The piece is first or second after it.'],
];

interface Props {
  onAdded: (kind: StepKind) => void;
}

/** A step that a shop makes its own: its words, and what it does. */
export function OwnStep({ onAdded }: Props) {
  const [open, setOpen] = useState(false);
  const [todo, setTodo] = useState('');
  const [done, setDone] = useState('');
  const [by, setBy] = useState<'person' | 'time'>('person');
  const [effects, setEffects] = useState<Effect[]>([]);
  const add = useAddKind();
  if (!open) {
    return <Key onClick={() => setOpen(true)}>A step of your own</Key>;
  }
  const keep = async () => {
    const kind = await add.mutateAsync({
      todo,
      done,
      waits: by === 'time',
      effects,
      ...(effects.includes('wets') && { wetting: 'wrapped' as const }),
    });
    setOpen(false);
    setTodo('');
    setDone('');
    setEffects([]);
    onAdded(kind);
  };
  return (
    <Box
      as="section"
      aria-label="A step of your own"
      flexBasis="100%"
      border="1px solid"
      borderColor="rule"
      p={4}
    >
      <Flex gap={4} wrap="wrap">
        <Box w="200px">
          <TextField label="to do, as: polish" text={todo} onText={setTodo} />
        </Box>
        <Box w="200px">
          <TextField label="done, as: polished" text={done} onText={setDone} />
        </Box>
        <Box w="170px">
          <Choice
            label="who does it"
            value={by}
            options={[['person', 'a person'] as const, ['time', 'time, by itself'] as const]}
            onValue={setBy}
          />
        </Box>
      </Flex>
      <Text textStyle="label" mt={3}>
        what it does to the piece
      </Text>
      <Flex wrap="wrap" columnGap={6}>
        {DOES.map(([effect, words]) => (
          <Checkbox.Root
            key={effect}
            minH="32px"
            checked={effects.includes(effect)}
            onCheckedChange={(e) =>
              setEffects(
                e.checked === true ? [...effects, effect] : effects.filter((x) => x !== effect),
              )
            }
          >
            <Checkbox.HiddenInput />
            <Checkbox.Control borderColor="steel" />
            <Checkbox.Label>{words}</Checkbox.Label>
          </Checkbox.Root>
        ))}
      </Flex>
      <Box aria-live="polite" my={2} color="quiet">
        {DOES.filter(([effect]) => effects.includes(effect)).map(([effect, words, rule]) => (
          <Text key={effect}>
            <b>{words}</b>: {rule}
          </Text>
        ))}
        {todo.trim() !== '' && (
          <Text>
            The shelf will say <b>{todo.trim()}</b>, and a piece’s history{' '}
            <b>{done.trim() || '…'}</b>.
          </Text>
        )}
      </Box>
      <Wrong error={add.error} mb={2} />
      <Flex gap={3}>
        <Key
          main
          busy={add.isPending}
          disabled={todo.trim() === '' || done.trim() === ''}
          onClick={() => void keep().catch(() => undefined)}
        >
          Keep this step
        </Key>
        <Key onClick={() => setOpen(false)}>Leave it</Key>
      </Flex>
    </Box>
  );
}
