import { ChakraProvider } from '@chakra-ui/react';
import { render, screen } from '@testing-library/react';
import type { ReactElement } from 'react';
import { describe, expect, it } from 'vitest';
import { system } from '../theme/theme';
import type { Section } from './outline';
import { PieceRow } from './PieceRow';
import { PlanDrawing } from './PlanDrawing';
import { SectionDrawing } from './SectionDrawing';
import { SmallSection } from './SmallSection';

function draw(element: ReactElement) {
  return render(<ChakraProvider value={system}>{element}</ChakraProvider>).container;
}

const pot: Section = {
  outer: [
    { rMm: 60, zMm: 0 },
    { rMm: 80, zMm: 150 },
  ],
  core: [
    { rMm: 48, zMm: 15 },
    { rMm: 65, zMm: 150 },
  ],
  more: [
    {
      xMm: 0,
      half: [
        { rMm: 7, zMm: 0 },
        { rMm: 7, zMm: 15 },
      ],
    },
  ],
  rimMm: 150,
  drawn: true,
};

describe('the section', () => {
  it('is drawn with its dimensions', () => {
    draw(<SectionDrawing section={pot} callouts title="A pot" />);
    expect(screen.getByRole('img', { name: 'A pot' })).toBeInTheDocument();
    for (const size of ['160', '120', '150', '15']) {
      expect(screen.getByText(size)).toBeInTheDocument();
    }
  });

  it('calls the thinnest wall out, in oxide when it is too thin', () => {
    const at = (ok: boolean) =>
      draw(
        <SectionDrawing
          section={pot}
          offsetMm={4}
          callouts
          title="A pot"
          thinnest={{ mm: 10.04, atMm: 15, ok }}
        />,
      );
    expect(at(true).innerHTML).toContain('>10<');
    const thin = at(false);
    expect(thin.querySelector('g[fill="var(--chakra-colors-oxide)"]')).not.toBeNull();
  });

  it('fills to its share', () => {
    const level = (filled: number) =>
      draw(<SectionDrawing section={pot} filled={filled} title="A pot" />)
        .querySelector('rect')
        ?.getAttribute('height');
    expect(level(0)).toBe('0');
    expect(level(0.5)).toBe('75');
    expect(level(7)).toBe('150');
  });

  it('says when the shape is not known', () => {
    const { core, ...rest } = pot;
    expect(core).toBeDefined();
    draw(<SectionDrawing section={{ ...rest, drawn: false }} callouts title="A tub" />);
    expect(screen.getByText('measured, not drawn')).toBeInTheDocument();
  });
});

describe('small drawings', () => {
  it('closes a plug that ends below the rim', () => {
    const path = draw(
      <SmallSection section={pot} filled swatch="#123456" title="R1, holds" />,
    ).querySelector('path[fill="#123456"]');
    expect(path?.getAttribute('d')).toContain('M7 150L7 135L-7 135L-7 150Z');
    expect(screen.getByRole('img', { name: 'R1, holds' })).toBeInTheDocument();
  });

  it('puts as many pieces side by side as there are', () => {
    const row = draw(
      <PieceRow section={pot} count={4} swatch="#dcd8cc" inMould={false} pxPerMm={0.4} />,
    );
    expect(row.querySelectorAll('path')).toHaveLength(4);
    const framed = draw(
      <PieceRow section={pot} count={2} swatch="#dcd8cc" inMould pxPerMm={0.4} />,
    );
    expect(framed.querySelectorAll('path')).toHaveLength(4);
  });

  it('shows a mould from above with its size', () => {
    draw(
      <PlanDrawing
        plan={{
          cavity: [
            [
              [-100, -60],
              [100, -60],
              [100, 60],
              [-100, 60],
            ],
          ],
          cores: [
            [
              [-10, -10],
              [10, -10],
              [0, 10],
            ],
          ],
        }}
        title="From above"
      />,
    );
    expect(screen.getByText('200 × 120 from above')).toBeInTheDocument();
  });
});
