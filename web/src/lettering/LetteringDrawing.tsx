import { chakra } from '@chakra-ui/react';
import type { Lettering } from '../server/useLettering';

const Svg = chakra('svg');

interface Props {
  /** Corners of the face in mm, y upwards. */
  outline: number[][];
  heightMm: number;
  lettering: Lettering;
  title: string;
}

/** A face from above with its letters, each in the frame of its stamp, to scale. */
export function LetteringDrawing({ outline, heightMm, lettering, title }: Props) {
  const xs = outline.map((c) => c[0] ?? 0);
  const ys = outline.map((c) => c[1] ?? 0);
  const left = Math.min(...xs);
  const low = Math.min(...ys);
  const width = Math.max(...xs) - left;
  const height = Math.max(...ys) - low;
  const unit = Math.max(width, height) / 100;
  const pad = 4 * unit;
  return (
    <Svg
      role="img"
      aria-label={title}
      viewBox={`${left - pad} ${-low - height - pad} ${width + 2 * pad} ${height + 2 * pad}`}
      width="100%"
      height="100%"
    >
      <path
        d={`M${outline.map(([x = 0, y = 0]) => `${x.toFixed(2)} ${(-y).toFixed(2)}`).join('L')}Z`}
        fill="var(--chakra-colors-rule)"
        stroke="currentColor"
        strokeWidth={1.2 * unit}
      />
      {lettering.lines.map((line, no) => (
        <g key={no} fill={line.overMm > 0 ? 'var(--chakra-colors-oxide)' : 'currentColor'}>
          {line.letters.map((letter, i) => (
            <g key={i}>
              <rect
                x={letter.leftMm}
                y={-low - line.baseMm - heightMm}
                width={letter.widthMm}
                height={heightMm}
                fill="none"
                stroke="var(--chakra-colors-quiet)"
                strokeWidth={0.3 * unit}
              />
              <text
                x={letter.leftMm + letter.widthMm / 2}
                y={-low - line.baseMm - heightMm * 0.02}
                textAnchor="middle"
                textLength={letter.widthMm * 0.9}
                lengthAdjust="spacingAndGlyphs"
                style={{
                  fontFamily: 'var(--chakra-fonts-heading)',
                  fontWeight: 600,
                  fontSize: heightMm * 1.36,
                }}
              >
                {letter.letter}
              </text>
            </g>
          ))}
        </g>
      ))}
    </Svg>
  );
}
