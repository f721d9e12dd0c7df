import { Box, chakra, Flex, Grid, Text } from '@chakra-ui/react';
import type { Schemas } from '../api/client';
import { TextField } from '../kit/TextField';

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
  address: string;
}

export function draftOf({ hours, people, address }: Workshop): HoursDraft {
  return {
    days: hours.days,
    opens: hours.opens.slice(0, 5),
    closes: hours.closes.slice(0, 5),
    closed: hours.closed.join(', '),
    people: String(people),
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
      closed: draft.closed.split(/[,;\s]+/).filter(Boolean),
    },
    people: Math.round(Number(draft.people)),
    ...(draft.address.trim() && { address: draft.address.replace(/, */g, '\n') }),
  };
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
        {DAYS.map(([day, name]) => (
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
        <TextField
          label="from"
          type="time"
          text={hours.opens}
          onText={(opens) => set({ opens })}
          problem={problemOf('hours.opens')}
        />
        <TextField
          label="to"
          type="time"
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
        <TextField
          label="closed on (days such as 2027-03-08)"
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
