import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { useRef } from 'react';
import type { SolidDraft } from './draft';
import { PointTable } from './PointTable';

const Svg = chakra('svg');

interface Props {
  draft: SolidDraft;
  onDraft: (draft: SolidDraft) => void;
}

/** The outer side of a turned shape: as a table, and by dragging its points. */
export function ProfileFields({ draft, onDraft }: Props) {
  const frame = useRef<SVGSVGElement>(null);
  const onPoints = (points: number[][]) => onDraft({ ...draft, points });
  const most = Math.max(...draft.points.flat(), 40) * 1.15;
  const drag = (row: number, e: React.PointerEvent) => {
    const at = frame.current?.getScreenCTM()?.inverse();
    if (!at || e.buttons === 0) {
      return;
    }
    const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(at);
    const below = draft.points[row - 1]?.[1] ?? -Infinity;
    const above = draft.points[row + 1]?.[1] ?? Infinity;
    const r = Math.max(1, Math.round(p.x));
    const z = Math.round(Math.max(0, Math.min(above - 1, Math.max(below + 1, -p.y))));
    onPoints(draft.points.map((q, i) => (i === row ? [r, z] : q)));
  };
  return (
    <Flex gap={5} wrap="wrap">
      <PointTable points={draft.points} columns={['off axis', 'up']} onPoints={onPoints} />
      <Box w="220px">
        <Text textStyle="small" color="quiet">
          or drag the points; the axis is at the left
        </Text>
        <Svg
          ref={frame}
          viewBox={`${-most * 0.05} ${-most} ${most * 1.1} ${most * 1.06}`}
          w="100%"
          bg="panel"
          border="1px solid"
          borderColor="rule"
          style={{ touchAction: 'none' }}
          role="img"
          aria-label="The outer side, to be dragged"
        >
          <path
            d={`M0 0V${-most}M0 0H${most}`}
            stroke="var(--chakra-colors-steel)"
            strokeWidth={most / 200}
            strokeDasharray={`${most / 30} ${most / 60}`}
          />
          <path
            d={`M${draft.points.map(([r = 0, z = 0]) => `${r} ${-z}`).join('L')}`}
            fill="none"
            stroke="currentColor"
            strokeWidth={most / 90}
          />
          {draft.points.map(([r = 0, z = 0], row) => (
            <circle
              key={row}
              cx={r}
              cy={-z}
              r={most / 26}
              fill="var(--chakra-colors-ground)"
              stroke="currentColor"
              strokeWidth={most / 110}
              style={{ cursor: 'grab' }}
              onPointerDown={(e) => e.currentTarget.setPointerCapture(e.pointerId)}
              onPointerMove={(e) => drag(row, e)}
            />
          ))}
        </Svg>
      </Box>
    </Flex>
  );
}
