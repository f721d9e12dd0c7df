import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { useId } from 'react';
import { Link } from '../../kit/Link';
import { PieceRow } from '../../kit/PieceRow';
import type { Section } from '../../kit/outline';
import { volume } from '../../kit/style/units';
import { goodsOf, hours, sheetOf, time } from '../days';
import type { Plan, Visit } from '../../server/usePlan';

const Svg = chakra('svg');
const MOST_DRAWN = 5;
const PIECES_PX = 34;

interface Props {
  no: number;
  visit: Visit;
  plan: Plan;
  mixerL: number;
  sections: Map<number, Section>;
}

/** A mix: its bowl with what is in it, and the pieces that it fills. Pressed, its sheet opens. */
export function MixCard({ no, visit, plan, mixerL, sections }: Props) {
  const sheet = sheetOf(plan, visit);
  const products = [
    ...new Set(visit.casts.flatMap((c) => plan.casts.find((p) => p.no === c)?.productId ?? [])),
  ];
  const litres = visit.litres ?? 0;
  const card = (
    <Box
      border="2px solid"
      borderColor={visit.lacks.length > 0 ? 'oxide' : 'steel'}
      bg="panel"
      h="100%"
      px={2}
      py={1}
      overflow="hidden"
      _hover={{ bg: 'ground' }}
    >
      <Flex justifyContent="space-between" gap={2} alignItems="baseline">
        <Text textStyle="name" fontSize="18px" truncate>
          Mix {no} · {visit.colourway}
        </Text>
        <Text textStyle="small" color="quiet" whiteSpace="nowrap">
          {time(visit.at)}
        </Text>
      </Flex>
      <Flex gap={3} alignItems="flex-end" h={`${PIECES_PX + 6}px`}>
        <Bowl level={litres / mixerL} swatch={visit.swatch} />
        {products.map((id) => {
          const section = sections.get(id);
          const pieces = visit.casts.filter(
            (c) => plan.casts.find((p) => p.no === c)?.productId === id,
          ).length;
          return (
            section && (
              <PieceRow
                key={id}
                section={section}
                count={Math.min(pieces, MOST_DRAWN)}
                swatch={visit.swatch}
                inMould
                pxPerMm={Math.min(0.16, PIECES_PX / (section.rimMm + 6))}
              />
            )
          );
        })}
      </Flex>
      <Text textStyle="small" truncate title={goodsOf(plan, visit)}>
        {goodsOf(plan, visit)}
      </Text>
      <Text textStyle="small" color="quiet" truncate>
        {volume(litres)} of {volume(mixerL)} · {hours(visit.minutes)}
      </Text>
      {visit.lacks.length > 0 && (
        <Text textStyle="small" color="oxide" fontWeight={600} truncate>
          Not enough {visit.lacks.join(', ')}
        </Text>
      )}
    </Box>
  );
  return sheet ? (
    <Link
      to={sheet}
      aria-label={`Mix ${no}, ${visit.colourway}, ${goodsOf(plan, visit)}: pour sheet`}
      style={{ display: 'block', height: '100%' }}
    >
      {card}
    </Link>
  ) : (
    card
  );
}

function Bowl({ level, swatch }: { level: number; swatch: string }) {
  const id = useId().replace(/:/g, '');
  const top = 42 - Math.max(0, Math.min(1, level)) * 36;
  return (
    <Svg viewBox="0 0 52 44" h="40px" w="48px" flexShrink={0} aria-hidden color="ink">
      <clipPath id={id}>
        <path d="M3 2C5 30 16 42 26 42S47 30 49 2Z" />
      </clipPath>
      <rect x="0" y={top} width="52" height="44" fill={swatch} clipPath={`url(#${id})`} />
      <path
        d="M3 2C5 30 16 42 26 42S47 30 49 2"
        fill="none"
        stroke="currentColor"
        strokeWidth="2"
      />
    </Svg>
  );
}
