import { expect, it } from 'vitest';
import { marksOf } from './StrengthChart';
import type { StrengthView } from '../server/usePiece';

it('lets marks of nearly one age share a line', () => {
  const strength = {
    marks: [
      { name: 'demould', ageH: 2.5, share: 0.4 },
      { name: 'handle hard', ageH: 168, share: 0.85 },
      { name: 'seal', ageH: 180, share: 0.86 },
    ],
  } as unknown as StrengthView;
  expect(marksOf(strength).map((m) => m.label)).toEqual(['demould', 'handle hard, seal', '28 d']);
});
