import { Box, Checkbox, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Problem } from '../api/client';
import { counted, plural } from '../kit/format';
import { MomentField } from '../kit/MomentField';
import { QuantityField } from '../kit/QuantityField';
import { useReader } from '../kit/quantity';
import { Caution, Key } from '../kit/States';
import { momentIn, shortMoment } from '../kit/style/time';
import { TextField } from '../kit/TextField';
import { useSubmit } from '../kit/useSubmit';
import { StepAdvice } from './StepAdvice';
import type { Together } from './together';
import { type Group, useStep, useTakeOut } from '../server/useShelf';
import { comesOut } from './words';
import { ShelfDialog } from './ShelfDialog';
import { Wrong } from '../kit/Wrong';

interface Props {
  together: Together;
  now: number;
  onClose: () => void;
}

/** Does one thing to pieces of several products: all that is ticked, or none of it. */
export function TogetherDialog({ together, now, onClose }: Props) {
  const [left, setLeft] = useState<string[]>([]);
  const [note, setNote] = useState('');
  const [doneAt, setDoneAt] = useState('');
  const [total, setTotal] = useState('');
  const [overfull, setOverfull] = useState(false);
  const { submit, busy, error: wrong } = useSubmit();
  const step = useStep();
  const takeOut = useTakeOut();
  const read = useReader();
  const groups = together.groups.filter((g) => !left.includes(g.key));
  const pieces = groups.reduce((n, g) => n + g.pieces, 0);
  const first = together.groups[0];
  const out = first !== undefined && comesOut(first);
  const coats = first?.kind?.effects.includes('coats') ?? false;
  const at = momentIn(doneAt);
  const send = async () => {
    const totalMassKg = total.trim() === '' ? undefined : await read(total, 'mass');
    const said = {
      ...(at !== undefined && { doneAt: new Date(at).toISOString() }),
      ...(note.trim() !== '' && { note: note.trim() }),
      ...(totalMassKg !== undefined && { totalMassKg }),
    };
    if (out) {
      await takeOut.mutateAsync({ casts: groups.flatMap(castsOf), ...said });
    } else {
      await step.mutateAsync({
        pieces: groups.flatMap((g) =>
          g.pieceIds.map((id) => ({ id, stepNo: g.stepNo, round: g.round })),
        ),
        stepNo: first?.stepNo ?? 0,
        round: first?.round ?? 1,
        ...said,
        ...(overfull && { overfull }),
      });
    }
    onClose();
  };
  return (
    <ShelfDialog
      title={
        <>
          {together.words.charAt(0).toUpperCase()}
          {together.words.slice(1)}: {plural(pieces, 'piece')}
        </>
      }
      onClose={onClose}
    >
      {out && (
        <Caution
          line="Goggles on: flakes fly. Gloves: it is still caustic."
          more="Touch decides as well as the clock: no nail mark, colour gone lighter."
        />
      )}
      {!out && !coats && first && <StepAdvice group={first} />}
      <Box as="ul" listStyleType="none" my={3}>
        {together.groups.map((g) => (
          <Row
            key={g.key}
            group={g}
            now={now}
            advice={coats}
            on={!left.includes(g.key)}
            onChange={(on) =>
              setLeft((keys) => (on ? keys.filter((k) => k !== g.key) : [...keys, g.key]))
            }
          />
        ))}
      </Box>
      <Flex gap={4} wrap="wrap">
        <Box w="220px">
          <QuantityField
            label="all together on the scale"
            text={total}
            onText={setTotal}
            dimension="mass"
          />
        </Box>
        <Box flex={1} minW="160px">
          <TextField label="note" text={note} onText={setNote} />
        </Box>
        <Box w="320px">
          <MomentField label="done, if not now," text={doneAt} onText={setDoneAt} />
        </Box>
      </Flex>
      <Wrong error={wrong} my={3} />
      <Flex gap={3} mt={2} alignItems="center" wrap="wrap">
        <Key main busy={busy} disabled={pieces === 0} onClick={() => void submit(send)}>
          {out ? `Take out ${pieces}` : `Done: ${together.words}, ${pieces}`}
        </Key>
        {wrong instanceof Problem && wrong.code === 'station.full' && (
          <Key onClick={() => setOverfull(!overfull)}>
            {overfull ? 'They do fit: press done' : 'They fit'}
          </Key>
        )}
        {out && total.trim() === '' && (
          <Text color="quiet">Not weighed: nothing is learned of their mass.</Text>
        )}
      </Flex>
    </ShelfDialog>
  );
}

function castsOf(group: Group) {
  return group.casts.map((c) => ({
    castId: c.id,
    version: c.version,
    pieces: Array.from({ length: c.pieces }, () => ({})),
  }));
}

interface RowProps {
  group: Group;
  now: number;
  advice: boolean;
  on: boolean;
  onChange: (on: boolean) => void;
}

function Row({ group, now, advice, on, onChange }: RowProps) {
  return (
    <Box as="li" borderBottom="1px solid" borderColor="rule" py={1}>
      <Checkbox.Root minH="44px" checked={on} onCheckedChange={(e) => onChange(e.checked === true)}>
        <Checkbox.HiddenInput />
        <Checkbox.Control borderColor="steel" />
        <Checkbox.Label>
          <b>{counted(group.pieces, group.product)}</b>, {group.colourway}
          <Text as="span" color="quiet">
            {group.casts.length > 0 && ` · ${group.casts.map((c) => c.copy).join(' ')}`}
            {group.gateAt && ` · since ${shortMoment(Date.parse(group.gateAt), now)}`}
          </Text>
        </Checkbox.Label>
      </Checkbox.Root>
      {advice && on && <StepAdvice group={group} />}
    </Box>
  );
}
