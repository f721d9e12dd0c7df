import { Box, chakra, Flex, Grid, Text } from '@chakra-ui/react';
import type { Schemas } from '../api/client';
import { nowMs } from '../kit/style/clock';
import { Choice } from '../kit/Choice';
import { style } from '../kit/style/style';
import { date, dateAt, readDate } from '../kit/style/time';
import { TextField } from '../kit/TextField';
import { TimeField } from '../kit/TimeField';

const Press = chakra('button');

type Workshop = Schemas['WorkshopView'];
type Day = Workshop['hours']['days'][number];

const DAYS: readonly (readonly [Day, string])[] = [
  ['MON', 'Monday'],
  ['TUE', 'Tuesday'],
  ['WED', 'Wednesday'],
  ['THU', 'Thursday'],
  ['FRI', 'Friday'],
  ['SAT', 'Saturday'],
  ['SUN', 'Sunday'],
];

/** When people are in, as it is being written. */
export interface HoursDraft {
  days: Day[];
  opens: string;
  closes: string;
  closed: string;
  people: string;
  /** Hours of work saved for which a line may be a day later. */
  lateDayWorthH: string;
  address: string;
}

export function draftOf({ hours, people, lateDayWorthH, address }: Workshop): HoursDraft {
  return {
    days: hours.days,
    opens: hours.opens.slice(0, 5),
    closes: hours.closes.slice(0, 5),
    closed: hours.closed.map(date).join('; '),
    people: String(people),
    lateDayWorthH: String(lateDayWorthH),
    address: (address ?? '').replace(/\n/g, ', '),
  };
}

/** As it is sent. */
export function bodyOf(draft: HoursDraft) {
  return {
    hours: {
      days: DAYS.map(([d]) => d).filter((d) => draft.days.includes(d)),
      opens: draft.opens,
      closes: draft.closes,
      closed: draft.closed
        .split(';')
        .filter((d) => d.trim() !== '')
        // What is no date is sent as it stands, so that the server names it.
        .map((d) => readDate(d, dateAt(nowMs())) ?? d.trim()),
    },
    people: Math.round(Number(draft.people)),
    lateDayWorthH: Number(draft.lateDayWorthH),
    ...(draft.address.trim() && { address: draft.address.replace(/, */g, '\n') }),
  };
}

/** The week from its first day on. */
export function weekFrom(first: string) {
  const at = DAYS.findIndex(([d]) => d === first);
  return [...DAYS.slice(at), ...DAYS.slice(0, at)];
}

/** So much work is never saved by a day. */
const NEVER = '200';

/** For how much work saved a day is given; one that was set otherwise is among them. */
function worths(now: string): (readonly [string, string])[] {
  const usual = ['2', '4', '8', '20'];
  const all = usual.includes(now) || now === NEVER ? usual : [...usual, now];
  return [[NEVER, 'never: dates first'], ...all.map((h) => [h, `${h} hours of work`] as const)];
}

interface Props {
  hours: HoursDraft;
  onHours: (hours: HoursDraft) => void;
  problemOf: (field: string) => string | undefined;
}

/** The hours and hands that the plan keeps to. */
export function HoursFields({ hours, onHours, problemOf }: Props) {
  const set = (changed: Partial<HoursDraft>) => onHours({ ...hours, ...changed });
  const flip = (day: Day) =>
    set({
      days: hours.days.includes(day) ? hours.days.filter((d) => d !== day) : [...hours.days, day],
    });
  return (
    <Box role="group" aria-label="Hours">
      <Text textStyle="small" color="quiet">
        working days
      </Text>
      <Flex gap={2} wrap="wrap" mb={2}>
        {weekFrom(style().firstDay).map(([day, name]) => (
          <Press
            key={day}
            type="button"
            aria-pressed={hours.days.includes(day)}
            aria-label={name}
            onClick={() => flip(day)}
            minH="56px"
            px={5}
            cursor="pointer"
            textStyle="label"
            fontSize="21px"
            borderRadius="4px"
            border="2px solid"
            borderColor="steel"
            bg={hours.days.includes(day) ? 'steel' : 'transparent'}
            color={hours.days.includes(day) ? 'ground' : 'ink'}
          >
            {name.slice(0, 3)}
          </Press>
        ))}
      </Flex>
      <Text textStyle="small" color="oxide">
        {problemOf('hours.days') ?? problemOf('days')}
      </Text>
      <Grid templateColumns={{ base: '1fr 1fr', md: '1fr 1fr 1fr' }} columnGap={4}>
        <TimeField
          label="from"
          text={hours.opens}
          onText={(opens) => set({ opens })}
          problem={problemOf('hours.opens')}
        />
        <TimeField
          label="to"
          text={hours.closes}
          onText={(closes) => set({ closes })}
          problem={problemOf('hours.closes')}
        />
        <TextField
          label="people working at once"
          text={hours.people}
          onText={(people) => set({ people })}
          problem={problemOf('people')}
        />
        <Choice
          label="a line may be a day later if that saves"
          value={hours.lateDayWorthH}
          options={worths(hours.lateDayWorthH)}
          onValue={(lateDayWorthH) => set({ lateDayWorthH })}
          problem={problemOf('lateDayWorthH')}
        />
        <TextField
          label={`closed on (${date('2027-12-24')}; ${date('2027-12-31')})`}
          text={hours.closed}
          onText={(closed) => set({ closed })}
          problem={problemOf('hours.closed.0')}
        />
        <TextField
          label="address on labels, lines separated by commas"
          text={hours.address}
          onText={(address) => set({ address })}
          problem={problemOf('address')}
        />
      </Grid>
    </Box>
  );
}
