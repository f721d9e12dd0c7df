import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from '../kit/Link';
import { Problem } from '../api/client';
import { PhotoField, sendPhoto } from '../photo/PhotoField';
import { MomentField } from '../kit/MomentField';
import { moment, momentIn } from '../kit/style/time';
import { useReader } from '../kit/quantity';
import { QuantityField } from '../kit/QuantityField';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { useSubmit } from '../kit/useSubmit';
import { hasParts, PartsLine } from './PartsLine';
import { type Graded, GradeChoice, gradeWords, useTarget } from './GradeChoice';
import { ScrapForm } from './ScrapForm';
import { StepAdvice } from './StepAdvice';
import { isDue } from './time';
import { type Group, useStep } from '../server/useShelf';
import { WhyNow } from './WhyNow';
import { has, stepWords } from './words';
import { Wrong } from '../kit/Wrong';

interface Props {
  group: Group;
  now: number;
  onDone: () => void;
}

/** Does what comes next to all of a group, or to some of it. */
export function StepForm({ group, now, onDone }: Props) {
  const [count, setCount] = useState(String(group.pieces));
  const [mass, setMass] = useState('');
  const [note, setNote] = useState('');
  const [doneAt, setDoneAt] = useState('');
  const [early, setEarly] = useState('');
  const [leaving, setLeaving] = useState(false);
  const [overfull, setOverfull] = useState(false);
  const [photo, setPhoto] = useState<Blob>();
  const target = useTarget(has(group, 'grades') ? group.productId : undefined);
  const [said, setSaid] = useState<Graded>();
  // What is sold by its mass is graded by it, unless somebody says otherwise.
  const grade = said ?? (target ? '' : 'first');
  const step = useStep();
  const { submit, busy, error: wrong } = useSubmit();
  const read = useReader();
  const due = isDue(group, now);
  const some = Number(count);
  const counted = Number.isInteger(some) && some >= 1 && some <= group.pieces;
  const full = wrong instanceof Problem && wrong.code === 'station.full';
  const at = momentIn(doneAt);
  const send = async () => {
    const massKg = mass.trim() === '' ? undefined : await read(mass, 'mass');
    const done = await step.mutateAsync({
      pieces: group.pieceIds
        .slice(0, some)
        .map((id) => ({ id, ...(massKg !== undefined && { massKg }) })),
      stepNo: group.stepNo,
      round: group.round,
      ...(at !== undefined && { doneAt: new Date(at).toISOString() }),
      ...(early.trim() !== '' && { earlyReason: early.trim() }),
      ...(note.trim() !== '' && { note: note.trim() }),
      ...(overfull && { overfull }),
      ...(leaving && { leftOut: true }),
      ...(has(group, 'grades') && !leaving && grade !== '' && { grade }),
    });
    if (photo) {
      await sendPhoto(done.actId, photo);
    }
    onDone();
  };
  const words = stepWords(group);
  return (
    <>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          void submit(send);
        }}
      >
        <StepAdvice group={group} />
        <PartsLine group={group} pieces={some || group.pieces} />
        {leaving && <WhyNow asks="Why is it left out?" text={early} onText={setEarly} />}
        {!due && !leaving && (
          <WhyNow
            asks={`It may be done ${moment(Date.parse(group.gateAt ?? ''), now)}. Why now?`}
            text={early}
            onText={setEarly}
          />
        )}
        <Flex gap={4} wrap="wrap" mt={3}>
          {group.pieces > 1 && (
            <Box w="130px">
              <TextField
                label={`how many of ${group.pieces}`}
                text={count}
                onText={setCount}
                problem={counted ? undefined : `1 to ${group.pieces}`}
              />
            </Box>
          )}
          {(some === 1 || group.pieces === 1) && (
            <Box w="180px">
              <QuantityField label="its mass" text={mass} onText={setMass} dimension="mass" />
            </Box>
          )}
          <Box flex={1} minW="160px">
            <TextField label="note" text={note} onText={setNote} />
          </Box>
          <Box w="320px">
            <MomentField label="done, if not now," text={doneAt} onText={setDoneAt} />
          </Box>
        </Flex>
        {target && !leaving && <GradeChoice grade={grade} onGrade={setSaid} target={target} />}
        <PhotoField photo={photo} onPhoto={setPhoto} />
        <Wrong error={wrong} my={3} />
        <Flex gap={3} mt={4} alignItems="center" wrap="wrap">
          <Key
            main
            type="submit"
            busy={busy}
            disabled={
              !counted ||
              !hasParts(group, some || group.pieces) ||
              ((!due || leaving) && early.trim() === '')
            }
          >
            {leaving
              ? `Leave out: ${words}, ${some || group.pieces}`
              : has(group, 'grades')
                ? gradeWords(grade, some || group.pieces)
                : `Done: ${words}, ${some || group.pieces}`}
          </Key>
          {!has(group, 'ends') && (
            <Key onClick={() => setLeaving(!leaving)}>
              {leaving ? 'It is done after all' : 'Leave it out'}
            </Key>
          )}
          {full && (
            <Key onClick={() => setOverfull(!overfull)}>
              {overfull ? 'They do fit: press done' : 'They fit'}
            </Key>
          )}
          {has(group, 'grades') && (
            <Text color="quiet">
              or one by one:{' '}
              {group.pieceIds.slice(0, 12).map((id) => (
                <Link key={id} className="plain-link" to={`/pieces/${id}/inspect`}>
                  {id}{' '}
                </Link>
              ))}
            </Text>
          )}
        </Flex>
      </form>
      {group.casts.length === 0 && <ScrapForm group={group} onDone={onDone} />}
    </>
  );
}
