import { chakra } from '@chakra-ui/react';
import { packPath } from './packs';

const Svg = chakra('svg');
const MOST = 7;
const WIDTH = 34;
const HEIGHT = 44;

interface Props {
  pack: string;
  /** How full each is, 0 to 1. */
  packs: number[];
  title: string;
}

/** A material as it stands on its steel: its packs, the opened one with its level. */
export function PackRow({ pack, packs, title }: Props) {
  const shown = packs.slice(Math.max(0, packs.length - MOST));
  const more = packs.length - shown.length;
  return (
    <Svg
      role="img"
      aria-label={title}
      viewBox={`0 0 ${MOST * WIDTH + 40} ${HEIGHT + 2}`}
      h="46px"
      w="100%"
      preserveAspectRatio="xMinYMax meet"
    >
      {shown.map((level, i) => (
        <svg key={i} x={i * WIDTH} y={0} width={WIDTH - 4} height={HEIGHT + 1} viewBox="8 4 84 112">
          <clipPath id={`level${title.replace(/\W/g, '')}${i}`}>
            <rect x={0} y={112 - 94 * level} width={100} height={94 * level} />
          </clipPath>
          <path
            d={packPath(pack)}
            fill="var(--chakra-colors-steel)"
            opacity={0.45}
            clipPath={`url(#level${title.replace(/\W/g, '')}${i})`}
          />
          <path d={packPath(pack)} fill="none" stroke="currentColor" strokeWidth={4} />
        </svg>
      ))}
      {more > 0 && (
        <text
          x={shown.length * WIDTH + 4}
          y={HEIGHT - 8}
          style={{ fontSize: '16px' }}
          fill="currentColor"
        >
          +{more}
        </text>
      )}
    </Svg>
  );
}
