import { Box, Flex, Text } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import { counted, plural } from '../kit/format';
import { dateAt, day, fieldOf } from '../kit/style/time';
import { Key } from '../kit/States';
import { MomentField } from '../kit/MomentField';
import { Choice } from '../kit/Choice';
import { Tabs } from '../kit/Tabs';
import { useWidth } from '../kit/useWidth';
import { useNow } from '../server/useWorkshop';
import { CopyRail } from './CopyRail';
import { daysSince, time } from './days';
import type { Plan, PlannedCast, usePlanActs } from '../server/usePlan';

const SPANS = [
  [1, 'a day'],
  [3, '3 days'],
  [7, 'a week'],
  [14, '2 weeks'],
  [56, '8 weeks'],
] as const;

/** The longest stretch that opens by itself: beyond it the casts of a day lie on one another. */
const LONGEST_OPENED = 14;

/** The shortest stretch that has all casts in it, as long as they can be pressed in it. */
function spanFor(plan: Plan, start: string): number {
  const last = Math.max(1, ...plan.casts.map((c) => daysSince(start, c.demouldAt)));
  return SPANS.find(([days]) => days >= last || days === LONGEST_OPENED)?.[0] ?? LONGEST_OPENED;
}

interface Props {
  plan: Plan;
  acts: ReturnType<typeof usePlanActs>;
}

/** Each mould copy along time; a cast is dragged, or put by its form. */
export function ByMould({ plan, acts }: Props) {
  const [chosen, setChosen] = useState<number>();
  const now = useNow();
  const start = dateAt(now);
  const nowDays = daysSince(start, fieldOf(now));
  const [picked, setSpan] = useState<number>();
  const span = picked ?? spanFor(plan, start);
  const cast = plan.casts.find((c) => c.no === chosen);
  const later = plan.casts.filter((c) => daysSince(start, c.pourAt) >= span).length;
  // The numbers of casts are those of one plan: in the next the same cast has another.
  const follow = (copyId: number, pourAt: string) => (next: Plan) =>
    setChosen(next.casts.find((c) => c.copyId === copyId && c.pourAt.slice(0, 16) === pourAt)?.no);
  const put = (no: number, copyId: number, pourAt: string) =>
    acts.move.mutate({ plan, no, copyId, pourAt }, { onSuccess: follow(copyId, pourAt) });
  return (
    <Box mt={3}>
      <Flex gap={2} mb={3} alignItems="center" wrap="wrap">
        <Tabs
          label="How far"
          value={String(span)}
          options={SPANS.map(([days, words]) => [String(days), words] as const)}
          onValue={(days) => setSpan(Number(days))}
        />
        <Text color="quiet">
          Drag a cast along its rail or to another copy; what it cannot do is said above. Too short
          to press? Choose fewer days.{later > 0 && ` ${plural(later, 'cast')} later than this.`}
        </Text>
      </Flex>
      <Scale start={start} span={span} />
      {plan.moulds.map((mould) => (
        <Box key={mould.mouldId} as="section" aria-label={mould.mould} mt={3}>
          <Text textStyle="name">{mould.mould}</Text>
          {mould.copies.map((copy) => (
            <CopyRail
              key={copy.copyId}
              copy={copy}
              mould={mould}
              casts={plan.casts.filter((c) => c.copyId === copy.copyId)}
              start={start}
              span={span}
              now={nowDays}
              chosen={chosen}
              onChoose={setChosen}
              onPut={put}
            />
          ))}
        </Box>
      ))}
      {cast && (
        <PutForm
          key={`${plan.id}-${cast.no}`}
          plan={plan}
          cast={cast}
          busy={acts.move.isPending || acts.letGo.isPending}
          onPut={put}
          onLetGo={() =>
            acts.letGo.mutate(
              { plan, no: cast.no },
              { onSuccess: follow(cast.copyId, cast.pourAt.slice(0, 16)) },
            )
          }
        />
      )}
    </Box>
  );
}

/** Steps between the days that are named, and the room that a name takes. */
const STEPS = [1, 2, 3, 7, 14, 28];
const NAME_PX = 76;

/** Names as many days as have room beside each other, none of them past the end. */
function Scale({ start, span }: { start: string; span: number }) {
  const scale = useRef<HTMLDivElement>(null);
  const dayPx = useWidth(scale) / span;
  const every = STEPS.find((days) => days * dayPx >= NAME_PX) ?? span;
  const days = Array.from({ length: Math.ceil(span / every) }, (_, i) => i * every);
  return (
    <Box ref={scale} position="relative" h="24px" ml="70px" aria-hidden>
      {days
        .filter((d) => d === 0 || (span - d) * dayPx >= NAME_PX)
        .map((d) => (
          <Text
            key={d}
            position="absolute"
            textStyle="small"
            color="quiet"
            whiteSpace="nowrap"
            style={{ left: `${(100 * d) / span}%` }}
          >
            {day(
              new Date(Date.parse(`${start}T12:00Z`) + d * 86_400_000).toISOString().slice(0, 10),
            ).replace(/^\w+,? /, span > 14 ? '' : '$&')}
          </Text>
        ))}
    </Box>
  );
}

interface PutProps {
  plan: Plan;
  cast: PlannedCast;
  busy: boolean;
  onPut: (no: number, copyId: number, pourAt: string) => void;
  onLetGo: () => void;
}

/** The same as dragging, by keyboard and to the minute. */
function PutForm({ plan, cast, busy, onPut, onLetGo }: PutProps) {
  const [at, setAt] = useState(cast.pourAt.slice(0, 16));
  const [copyId, setCopyId] = useState(String(cast.copyId));
  const copies = plan.moulds.find((m) => m.mouldId === cast.mouldId)?.copies ?? [];
  return (
    <Box
      as="section"
      aria-label="Put the cast"
      mt={5}
      borderTop="4px solid"
      borderColor="steel"
      pt={3}
      maxW="760px"
    >
      <Text textStyle="name">
        {counted(cast.pieces, cast.product)}, {cast.colourway}, for {cast.order} {cast.customer}
      </Text>
      <Text color="quiet">
        poured {day(cast.pourAt)} {time(cast.pourAt)}, out {day(cast.demouldAt)}{' '}
        {time(cast.demouldAt)}, ready {day(cast.readyAt.slice(0, 10))} · in{' '}
        {daysSince(cast.pourAt.slice(0, 10), cast.readyAt).toFixed(0)} days
        {cast.pinned ? ' · stays where it was put' : ''}
      </Text>
      <Flex gap={4} alignItems="flex-end" wrap="wrap" mt={2}>
        <Box w="150px">
          <Choice
            label="mould copy"
            value={copyId}
            options={copies.map((c) => [String(c.copyId), c.copy] as const)}
            onValue={setCopyId}
          />
        </Box>
        <Box w="270px">
          <MomentField label="poured" text={at} onText={setAt} />
        </Box>
        <Box pb="20px">
          <Flex gap={3}>
            <Key main busy={busy} onClick={() => onPut(cast.no, Number(copyId), at)}>
              Put it there
            </Key>
            {cast.pinned && <Key onClick={onLetGo}>Unpin</Key>}
          </Flex>
        </Box>
      </Flex>
    </Box>
  );
}
