import { Box, Text } from '@chakra-ui/react';
import type { RouteLine } from '../server/useRoute';

/** Time grows on this line as it does for the maker: hours first, then days. */
export function place(hours: number, endH: number): number {
  return Math.log1p(hours) / Math.log1p(Math.max(endH, 1));
}

export function hoursWords(hours: number): string {
  return hours < 48 ? `${Math.round(hours * 10) / 10} h` : `${Math.round(hours / 2.4) / 10} d`;
}

/** What stands at one moment shares a mark. */
export function together(line: RouteLine[]) {
  const marks: { atH: number; what: string[]; bestUntilH?: number | undefined; board: string }[] =
    [];
  for (const gate of line) {
    const words = gate.round > 1 ? `${gate.todo} ${gate.round}` : gate.todo;
    const before = marks[marks.length - 1];
    if (before && gate.atH - before.atH < Math.max(0.3, before.atH * 0.02)) {
      before.what.push(words);
      before.board = gate.board;
    } else {
      marks.push({ atH: gate.atH, what: [words], bestUntilH: gate.bestUntilH, board: gate.board });
    }
  }
  return marks;
}

const BOARD_COLOUR: Record<string, string> = {
  wet: 'steel',
  bath: 'bath',
  drying: 'quiet',
  coating: 'ink',
  ready: 'moss',
};

interface Props {
  line: RouteLine[];
}

/** A route as a line of time, with its gates; the colour is the board between two gates. */
export function RouteLineDrawing({ line }: Props) {
  const marks = together(line);
  const endH = (marks[marks.length - 1]?.atH ?? 1) * 1.15;
  const x = (hours: number) => `${place(hours, endH) * 92}%`;
  return (
    <Box overflowX="auto" tabIndex={0} my={4}>
      <Box
        position="relative"
        h="150px"
        minW="760px"
        overflow="hidden"
        role="img"
        aria-label={`Its line: ${marks.map((m) => `${m.what.join(', ')} at ${hoursWords(m.atH)}`).join('; ')}`}
      >
        <Box position="absolute" top="72px" left={0} right={0} h="6px" bg="rule" />
        <Text position="absolute" left={0} top="84px" textStyle="small">
          <b>pour</b>
          <br />0 h
        </Text>
        {[{ atH: 0, board: 'wet' }, ...marks].map((mark, i) => {
          const next = marks[i];
          return next ? (
            <Box
              key={i}
              position="absolute"
              top="72px"
              h="6px"
              left={x(mark.atH)}
              w={`${(place(next.atH, endH) - place(mark.atH, endH)) * 92}%`}
              bg={BOARD_COLOUR[mark.board] ?? 'steel'}
            />
          ) : null;
        })}
        {marks.map((mark, i) => (
          <Box key={mark.atH} position="absolute" left={x(mark.atH)} top={0} h="150px">
            <Box position="absolute" top="62px" h="26px" borderLeft="3px solid" borderColor="ink" />
            <Text
              position="absolute"
              top={i % 2 === 0 ? '90px' : '8px'}
              left="-6px"
              textStyle="small"
              whiteSpace="nowrap"
            >
              <b>{mark.what.join(', ')}</b>
              <br />
              {hoursWords(mark.atH)}
              {mark.bestUntilH !== undefined && `, best to ${hoursWords(mark.bestUntilH)}`}
            </Text>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
