import { Box, Text } from '@chakra-ui/react';
import { useNow } from '../../server/useWorkshop';
import { counted } from '../../kit/format';
import type { Section } from '../../kit/outline';
import { dateAt, timeAt } from '../../kit/style/time';
import { useStepWords } from '../../server/useStepKinds';
import { hours, time } from '../days';
import type { Plan } from '../../server/usePlan';
import { type Lane, lanesOf, minuteOf, place, rowsOf, type Stretch } from './lanes';
import { MixCard } from './MixCard';
import type { Day } from '../../server/useDay';

const NAME_PX = 76;
const MIX_PX = 118;
const WORK_PX = 46;

interface Props {
  day: Day;
  plan: Plan;
  sections: Map<number, Section>;
  widthPx: number;
}

/** A lane a person on steel, along the day's hours; the plumb line is now. */
export function DayLanes({ day, plan, sections, widthPx }: Props) {
  const now = useNow();
  const lanes = lanesOf(day.visits, day.people);
  const opens = minuteOf(day.opens);
  const closes = minuteOf(day.closes);
  const xOf = (minute: number) =>
    NAME_PX + ((minute - opens) / (closes - opens)) * (widthPx - NAME_PX);
  const clock = Array.from(
    { length: Math.floor(closes / 60) - Math.ceil(opens / 60) + 1 },
    (_, i) => Math.ceil(opens / 60) + i,
  );
  const mixes = lanes
    .flatMap((l) => l.mixes)
    .sort((a, b) => a.from - b.from)
    .map((m) => m.visits[0]);
  const nowMin = minuteOf(timeAt(now));
  const isToday = dateAt(now) === day.date && nowMin >= opens && nowMin <= closes;
  return (
    <Box position="relative" w={`${widthPx}px`} pt="26px">
      {clock.map((hour) => (
        <Box
          key={hour}
          aria-hidden
          position="absolute"
          top={0}
          bottom={0}
          left={`${xOf(hour * 60)}px`}
          borderLeft="1px solid"
          borderColor="rule"
        >
          <Text textStyle="label" fontSize="16px" position="absolute" left="-6px" bg="ground">
            {hour}
          </Text>
        </Box>
      ))}
      {isToday && (
        <Box
          aria-hidden
          position="absolute"
          top="22px"
          bottom="-8px"
          left={`${xOf(nowMin)}px`}
          borderLeft="2px solid"
          borderColor="ink"
          zIndex={1}
        />
      )}
      {lanes.map((lane) => (
        <PersonLane key={lane.person} lane={lane} xOf={xOf} endPx={widthPx}>
          {(mix) => {
            const visit = mix.visits[0];
            return visit ? (
              <MixCard
                no={mixes.indexOf(visit) + 1}
                visit={visit}
                plan={plan}
                mixerL={day.mixerL}
                sections={sections}
              />
            ) : null;
          }}
        </PersonLane>
      ))}
    </Box>
  );
}

interface LaneProps {
  lane: Lane;
  xOf: (minute: number) => number;
  endPx: number;
  children: (mix: Stretch) => React.ReactNode;
}

function PersonLane({ lane, xOf, endPx, children }: LaneProps) {
  const words = useStepWords();
  const mixes = place(lane.mixes, xOf, 176, endPx);
  const works = place(lane.works, xOf, 112, endPx);
  const mixesPx = rowsOf(mixes) * MIX_PX;
  return (
    <Box
      as="section"
      aria-label={`Person ${lane.person}`}
      position="relative"
      h={`${mixesPx + Math.max(1, rowsOf(works)) * WORK_PX + 14}px`}
      borderBottom="4px solid"
      borderColor="steel"
    >
      <Text textStyle="label" fontSize="19px" position="absolute" top="12px">
        Person {lane.person}
      </Text>
      {mixes.map((m) => (
        <Box
          key={`${m.stretch.from} ${m.row}`}
          position="absolute"
          left={`${m.x}px`}
          w={`${m.width}px`}
          top={`${8 + m.row * MIX_PX}px`}
          h={`${MIX_PX - 8}px`}
        >
          {children(m.stretch)}
        </Box>
      ))}
      {works.map((w) => (
        <Box
          key={`${w.stretch.from} ${w.stretch.step} ${w.row}`}
          position="absolute"
          left={`${w.x}px`}
          w={`${w.width}px`}
          top={`${12 + mixesPx + w.row * WORK_PX}px`}
          border="2px solid"
          borderColor="steel"
          bg="panel"
          px={2}
          h={`${WORK_PX - 6}px`}
          overflow="hidden"
          title={`${time(w.stretch.visits[0]?.at ?? '')}, ${hours(w.stretch.minutes)}: ${goods(w.stretch)}`}
        >
          <Text fontWeight={600} lineHeight="1.2" truncate>
            {words.todo(w.stretch.step)}
          </Text>
          <Text textStyle="small" fontSize="13px" lineHeight="1.2" color="quiet" truncate>
            {goods(w.stretch)}
          </Text>
        </Box>
      ))}
    </Box>
  );
}

/** What a stretch is done to, a product after the other. */
function goods(stretch: Stretch): string {
  const pieces = new Map<string, number>();
  stretch.visits.forEach((v) => pieces.set(v.product, (pieces.get(v.product) ?? 0) + v.pieces));
  return [...pieces].map(([product, n]) => counted(n, product)).join(', ');
}
