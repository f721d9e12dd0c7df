import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { type PointerEvent, useRef, useState } from 'react';
import { counted } from '../kit/format';
import { day } from '../kit/style/time';
import { useWidth } from '../kit/useWidth';
import { daysSince, momentAt, time } from './days';
import type { MouldRow, PlannedCast } from '../server/usePlan';

const Press = chakra('button');

/** Less than this was a press, not a drag. */
const DRAG_PX = 6;

/**
 * With less room than this until the copy's next cast nobody can press it (WCAG 2.2, 2.5.8): it is
 * only drawn.
 */
const LEAST_PX = 24;

interface Props {
  copy: MouldRow['copies'][number];
  mould: MouldRow;
  casts: PlannedCast[];
  start: string;
  span: number;
  /** Days since the start of the rail. */
  now: number;
  chosen: number | undefined;
  onChoose: (no: number) => void;
  onPut: (no: number, copyId: number, pourAt: string) => void;
}

/** One copy's rail: what it holds now, and what the plan puts into it. */
export function CopyRail(props: Props) {
  const { copy, mould, casts, start, span, now, chosen, onChoose, onPut } = props;
  const rail = useRef<HTMLDivElement>(null);
  const railPx = useWidth(rail);
  const width = (days: number) => `${(100 * days) / span}%`;
  const held = copy.heldUntil ? daysSince(start, copy.heldUntil) : 0;
  return (
    <Flex alignItems="center" mb={1}>
      <Text w="70px" flexShrink={0} fontWeight={600} truncate>
        {copy.copy}
      </Text>
      <Box
        ref={rail}
        data-copy={copy.copyId}
        data-mould={mould.mouldId}
        position="relative"
        flex={1}
        h="34px"
        bg="panel"
        borderBottom="2px solid"
        borderColor="steel"
        overflow="hidden"
      >
        {held > 0 && (
          <Flex
            position="absolute"
            h="100%"
            left={0}
            bg="rule"
            alignItems="center"
            px={2}
            style={{ width: width(held) }}
            title={`holds ${copy.holds ?? ''}`}
          >
            <Text textStyle="small" truncate>
              holds {copy.holds}
            </Text>
          </Flex>
        )}
        <Box
          aria-hidden
          position="absolute"
          h="100%"
          w="2px"
          bg="ink"
          style={{ left: width(now) }}
        />
        {casts
          .filter((c) => daysSince(start, c.pourAt) < span)
          .sort((a, b) => a.pourAt.localeCompare(b.pourAt))
          .map((cast, i, all) => {
            const from = daysSince(start, cast.pourAt);
            const to = Math.max(daysSince(start, cast.demouldAt), from + 0.02);
            const next = all[i + 1];
            const room = (next ? daysSince(start, next.pourAt) : span) - from;
            return (room / span) * railPx < LEAST_PX ? (
              <Box
                key={cast.no}
                aria-hidden
                position="absolute"
                h="26px"
                top="3px"
                minW="3px"
                border="1px solid"
                borderColor={cast.no === chosen ? 'oxide' : 'steel'}
                style={{ left: width(from), width: width(to - from), background: cast.swatch }}
              />
            ) : (
              <Bar
                key={cast.no}
                cast={cast}
                from={from}
                to={to}
                span={span}
                rail={() => railPx}
                chosen={cast.no === chosen}
                onChoose={() => onChoose(cast.no)}
                onDrop={(days, onto) => onPut(cast.no, onto, momentAt(start, days))}
              />
            );
          })}
      </Box>
    </Flex>
  );
}

interface BarProps {
  cast: PlannedCast;
  from: number;
  to: number;
  span: number;
  rail: () => number;
  chosen: boolean;
  onChoose: () => void;
  onDrop: (days: number, copyId: number) => void;
}

/** One cast from its pour until its mould is free. */
function Bar({ cast, from, to, span, rail, chosen, onChoose, onDrop }: BarProps) {
  const [drag, setDrag] = useState<{ x: number; y: number; dx: number; dy: number }>();
  const moved = drag ? Math.abs(drag.dx) + Math.abs(drag.dy) > DRAG_PX : false;
  const onUp = (e: PointerEvent) => {
    if (drag && moved) {
      const under = document
        .elementsFromPoint(e.clientX, e.clientY)
        .map((el) => el.closest<HTMLElement>('[data-copy]'))
        .find((el) => el?.dataset['mould'] === String(cast.mouldId));
      const onto = Number(under?.dataset['copy'] ?? cast.copyId);
      onDrop(from + (drag.dx / rail()) * span, onto);
    }
    setDrag(undefined);
  };
  return (
    <Press
      type="button"
      position={moved ? 'relative' : 'absolute'}
      aria-label={`${counted(cast.pieces, cast.product)}, ${cast.colourway}, order ${cast.order}, ${cast.copy}, ${day(cast.pourAt.slice(0, 10))} ${time(cast.pourAt)}`}
      aria-pressed={chosen}
      title={`${cast.product}, ${cast.colourway}: ${day(cast.pourAt.slice(0, 10))} ${time(cast.pourAt)}`}
      onClick={onChoose}
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        setDrag({ x: e.clientX, y: e.clientY, dx: 0, dy: 0 });
      }}
      onPointerMove={(e) =>
        drag && setDrag({ ...drag, dx: e.clientX - drag.x, dy: e.clientY - drag.y })
      }
      onPointerUp={onUp}
      h="26px"
      top="3px"
      cursor="grab"
      touchAction="none"
      minW={`${LEAST_PX}px`}
      style={{
        position: 'absolute',
        left: `${(100 * from) / span}%`,
        width: `${(100 * (to - from)) / span}%`,
        transform: moved && drag ? `translate(${drag.dx}px, ${drag.dy}px)` : undefined,
        zIndex: moved ? 5 : undefined,
      }}
    >
      {/* The key may be wider than the cast lasts; what is drawn is not. */}
      <Box
        h="100%"
        minW="3px"
        border="2px solid"
        borderColor={chosen ? 'oxide' : cast.pinned ? 'ink' : 'steel'}
        borderLeftWidth={cast.pinned ? '6px' : '2px'}
        style={{
          width: `${((to - from) / span) * rail()}px`,
          background: cast.swatch,
        }}
      />
    </Press>
  );
}
