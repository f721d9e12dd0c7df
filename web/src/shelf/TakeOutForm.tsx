import { Box, Flex, Input, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { plural } from '../kit/format';
import { moment, momentIn } from '../kit/style/time';
import { MomentField } from '../kit/MomentField';
import { useReader } from '../kit/quantity';
import { QuantityField } from '../kit/QuantityField';
import { Caution, Key } from '../kit/States';
import { useSubmit } from '../kit/useSubmit';
import { type Entry, entriesOf, isSaid, isWeighed, requestOf, type Touch } from './takeOut';
import { TouchKeys } from './TouchKeys';
import { doubt } from './unlikely';
import { useProduct } from '../server/useProducts';
import { isDue } from './time';
import { WhyNow } from './WhyNow';
import { type Group, useTakeOut } from '../server/useShelf';
import { mass as massOf } from '../kit/style/units';
import { suggestion } from '../kit/style/entry';
import { Wrong } from '../kit/Wrong';

interface Props {
  group: Group;
  now: number;
  onDone: () => void;
}

/** Weigh each piece as it comes out, or not, or say that it broke. */
export function TakeOutForm({ group, now, onDone }: Props) {
  const [entries, setEntries] = useState(() => entriesOf(group));
  const [early, setEarly] = useState('');
  const [touch, setTouch] = useState<Touch>();
  const [doneAt, setDoneAt] = useState('');
  const [total, setTotal] = useState('');
  const [asked, setAsked] = useState<string>();
  const { submit, busy, error } = useSubmit();
  const takeOut = useTakeOut();
  const read = useReader();
  const page = useProduct(String(group.productId));
  const at = momentIn(doneAt);
  const due = isDue(group, at ?? now) && !group.next;
  const unweighed = entries.filter((e) => !isWeighed(e)).length;
  const ready = entries.every(isSaid) && (due || early.trim() !== '');

  const change = (i: number, part: Partial<Entry>) =>
    setEntries(entries.map((e, n) => (n === i ? { ...e, ...part } : e)));

  const send = async () => {
    const masses = await Promise.all(
      entries.map((e) => (e.text.trim() === '' ? undefined : read(e.text, 'mass'))),
    );
    const totalKg = total.trim() === '' ? undefined : await read(total, 'mass');
    const sound = entries.filter((e) => !e.broke).length;
    // A slow answer is waited for: without it no slip would be asked back.
    const usual = (page.data ?? (await page.refetch()).data)?.usual;
    const question = [...masses, totalKg && totalKg / sound]
      .map((m) => doubt(m, usual, group.product))
      .find((q) => q !== undefined);
    if (question !== undefined && question !== asked) {
      setAsked(question);
      return;
    }
    await takeOut.mutateAsync(requestOf(entries, masses, early, touch, at, totalKg));
    onDone();
  };

  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        void submit(send);
      }}
    >
      <Caution
        line="Goggles on: flakes fly. Gloves: it is still caustic."
        more={`Free jacket and core first, break the vacuum, and never roll a stone over the edge of its shell. Over ${massOf(23)} two people or a trolley. Touch decides as well as the clock: no nail mark, colour gone lighter.`}
      />
      {!due && (
        <WhyNow
          asks={
            group.next
              ? `It still waits for its ${group.next.layer} layer. Why take it out without?`
              : `It may come out ${moment(Date.parse(group.gateAt ?? ''), now)}. Why now?`
          }
          text={early}
          onText={setEarly}
        />
      )}
      <Box mt={4}>
        {entries.map((entry, i) => (
          <Flex key={`${entry.castId}-${i}`} gap={3} alignItems="flex-start" mb={1}>
            <Text textStyle="figure" w="64px" pt={3}>
              {entry.label}
            </Text>
            <Box flex={1}>
              {entry.broke ? (
                <Input
                  aria-label={`What broke on ${entry.label}`}
                  placeholder="what broke, and why"
                  value={entry.reason}
                  onChange={(e) => change(i, { reason: e.target.value })}
                  h="56px"
                  bg="panel"
                  borderColor="steel"
                  mb="20px"
                />
              ) : (
                <QuantityField
                  label={`Mass of ${entry.label}`}
                  hideLabel
                  text={entry.text}
                  onText={(text) => change(i, { text })}
                  dimension="mass"
                  placeholder={suggestion(page.data?.usual?.massKg ?? 2, 'mass')}
                  autoFocus={i === 0 && due}
                />
              )}
            </Box>
            <Key onClick={() => change(i, { broke: !entry.broke, text: '' })}>
              {entry.broke ? 'Sound' : 'Broke'}
            </Key>
          </Flex>
        ))}
      </Box>
      {entries.length > 1 && entries.every((e) => e.text.trim() === '') && (
        <Box w="260px">
          <QuantityField
            label="or all together on the scale"
            text={total}
            onText={setTotal}
            dimension="mass"
          />
        </Box>
      )}
      <TouchKeys touch={touch} onTouch={setTouch} />
      <Box w="320px">
        <MomentField label="out, if not now," text={doneAt} onText={setDoneAt} />
      </Box>
      <Wrong error={error ?? asked} my={3} />
      <Flex gap={3} mt={4} alignItems="center">
        <Key main type="submit" busy={busy} disabled={!ready}>
          Take out {entries.length}
        </Key>
        <Text color="quiet">
          {unweighed > 0 &&
            total.trim() === '' &&
            `${plural(unweighed, 'piece')} not weighed; only what is weighed teaches`}
        </Text>
      </Flex>
    </form>
  );
}
