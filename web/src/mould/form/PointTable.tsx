import { Box, chakra, Flex, Input, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { bareEntry } from '../../kit/style/entry';
import { valueIn } from '../../kit/style/read';
import { unitOf } from '../../kit/style/units';

const Press = chakra('button');

interface Props {
  points: number[][];
  columns: string[];
  onPoints: (points: number[][]) => void;
}

/** Points as rows of lengths; a row can be put in behind another, and taken out. */
export function PointTable({ points, columns, onPoints }: Props) {
  const set = (row: number, column: number, value: number) =>
    onPoints(
      points.map((p, i) =>
        i === row ? columns.map((_, c) => (c === column ? value : (p[c] ?? 0))) : p,
      ),
    );
  const insert = (row: number) => {
    const here = points[row] ?? [];
    const next = points[row + 1] ?? here;
    const between = columns.map(
      (_, c) => ((here[c] ?? 0) + (next[c] ?? 0)) / 2 + (next === here ? 10 : 0),
    );
    onPoints([...points.slice(0, row + 1), between, ...points.slice(row + 1)]);
  };
  return (
    <Box as="section" aria-label="Points" mb={3}>
      <Flex gap={2} aria-hidden>
        {columns.map((c) => (
          <Text key={c} textStyle="small" color="quiet" w="96px">
            {c}, {unitOf('length')}
          </Text>
        ))}
      </Flex>
      {points.map((point, row) => (
        <Flex key={row} gap={2} mb={1} alignItems="center">
          {columns.map((name, column) => (
            <Cell
              key={name}
              label={`Point ${row + 1}, ${name}, ${unitOf('length')}`}
              value={point[column] ?? 0}
              onValue={(v) => set(row, column, v)}
            />
          ))}
          <Press
            type="button"
            minH="44px"
            px={2}
            cursor="pointer"
            textStyle="small"
            onClick={() => insert(row)}
            aria-label={`Put a point in behind point ${row + 1}`}
          >
            + behind
          </Press>
          {points.length > 2 && (
            <Press
              type="button"
              minH="44px"
              px={2}
              cursor="pointer"
              textStyle="small"
              onClick={() => onPoints(points.filter((_, i) => i !== row))}
              aria-label={`Take point ${row + 1} out`}
            >
              out
            </Press>
          )}
        </Flex>
      ))}
    </Box>
  );
}

/** Keeps what is typed until it is a number. */
function Cell({
  label,
  value,
  onValue,
}: {
  label: string;
  value: number;
  onValue: (value: number) => void;
}) {
  const [typed, setTyped] = useState<string>();
  return (
    <Input
      aria-label={label}
      value={typed ?? bareEntry(value, 'length')}
      onChange={(e) => {
        setTyped(e.target.value);
        const mm = valueIn(e.target.value, 'length');
        if (mm !== undefined) {
          onValue(mm);
        }
      }}
      onBlur={() => setTyped(undefined)}
      w="96px"
      h="44px"
      bg="panel"
      borderColor="steel"
    />
  );
}
