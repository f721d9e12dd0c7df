import { Box, chakra, Text } from '@chakra-ui/react';
import { figures } from '../kit/style/number';
import { style } from '../kit/style/style';
import { clockTime } from '../kit/style/time';
import { type HoursDraft, weekFrom } from './HoursFields';

const Svg = chakra('svg');
const COLUMN = 40;
const HOUR = 8;

function hourOf(time: string): number {
  const [hours = 0, minutes = 0] = time.split(':').map(Number);
  return hours + minutes / 60;
}

/** The week as it is worked, from its first day: what the plan may lay work into. */
export function WeekStrip({ hours }: { hours: HoursDraft }) {
  const from = hourOf(hours.opens);
  const to = hourOf(hours.closes);
  const people = Number(hours.people);
  const length = Math.max(0, to - from);
  const total = length * hours.days.length * (people > 0 ? people : 0);
  const days = weekFrom(style().firstDay);
  return (
    <Box as="section" aria-label="The week">
      <Svg
        viewBox={`-2 -16 ${7 * COLUMN + 4} ${24 * HOUR + 20}`}
        w="100%"
        role="img"
        aria-label={`${hours.days.length} days of ${figures(length)} hours`}
      >
        {days.map(([day, name], i) => (
          <g key={day} transform={`translate(${i * COLUMN} 0)`}>
            <text x={COLUMN / 2} y={-5} textAnchor="middle" fontSize="11" fill="currentColor">
              {name.slice(0, 2)}
            </text>
            <rect
              x={3}
              width={COLUMN - 6}
              height={24 * HOUR}
              fill="var(--chakra-colors-panel)"
              stroke="var(--chakra-colors-rule)"
            />
            {hours.days.includes(day) && length > 0 && (
              <rect
                x={3}
                y={from * HOUR}
                width={COLUMN - 6}
                height={length * HOUR}
                fill="var(--chakra-colors-steel)"
              />
            )}
          </g>
        ))}
      </Svg>
      {length > 0 && (
        <Text>
          {clockTime(hours.opens)} to {clockTime(hours.closes)}: {figures(total)} hours of work a
          week.
        </Text>
      )}
    </Box>
  );
}
