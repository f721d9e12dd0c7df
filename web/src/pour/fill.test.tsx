import { ChakraProvider } from '@chakra-ui/react';
import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { system } from '../theme/theme';
import { FillView } from './FillView';
import type { Step } from './steps';
import type { Reading } from './useScale';

describe('filling by the scale', () => {
  const loose: Extract<Step, { kind: 'fill' }> = {
    kind: 'fill',
    key: 'fill-P1',
    title: 'Fill P1',
    note: '',
    copy: 'P1',
    fill: 0,
    layers: [{ name: 'whole', kg: 10.341 }],
  };
  const fill = { ...loose, stopAtKg: 10.341, toleranceKg: 0.1, withMould: false };
  const reading = (kg: number): Reading => ({ kg, steady: true, state: 'weighing' });
  const show = (element: React.ReactElement) =>
    render(<ChakraProvider value={system}>{element}</ChakraProvider>);

  it.each<[string, Reading | undefined, string]>([
    [
      'nothing on it',
      undefined,
      'stop when the scale shows that, tared with the empty mould on it',
    ],
    ['on the way', reading(9.2), '1 141 g to go, stop at 10.34 kg'],
    ['within tolerance', reading(10.3), 'right: stop'],
    ['too much', reading(10.6), '259 g too much: take some out'],
  ])('%s', (_, shown, words) => {
    show(<FillView step={fill} reading={shown} />);
    expect(
      screen.getByText((text) => text.replace(/\u2009/g, ' ').startsWith(words)),
    ).toBeVisible();
  });

  it('says how two colours go in', () => {
    const layers = [
      { name: 'ground', kg: 1.1 },
      { name: 'tide', kg: 0.7 },
    ];
    show(<FillView step={{ ...loose, layers }} reading={undefined} />);
    expect(screen.getByText(/1.1 kg ground, then 0.7 kg tide/)).toBeInTheDocument();
  });
});
