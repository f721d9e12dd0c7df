import { fireEvent, screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { show } from '../test-shop';
import { GradeChoice, gradeWords } from './GradeChoice';
import { isUrgent, nextThree } from './time';
import type { Group } from '../server/useShelf';
import { warned } from './words';

it('follows the mass unless somebody says otherwise', () => {
  const said = vi.fn();
  show(<GradeChoice grade="" target={{ massKg: 20, toleranceKg: 0.2 }} onGrade={said} />);
  expect(screen.getByLabelText('grade')).toHaveTextContent(/by mass: 20.*within/);
  fireEvent.change(screen.getByLabelText('grade'), { target: { value: 'second' } });
  expect(said).toHaveBeenCalledWith('second');
  expect(gradeWords('', 4)).toBe('Grade 4 by mass');
  expect(gradeWords('second', 1)).toBe('1 second');
});

const group = (key: string, gateAt: string, code?: string) =>
  ({ key, gateAt, warnings: code ? [{ code, message: 'it freezes' }] : [] }) as unknown as Group;

it('puts frost before what is due sooner, and names it in a word', () => {
  const cold = group('b', '2027-03-02T08:00:00Z', 'cure.cold');
  const frost = group('c', '2027-03-03T08:00:00Z', 'cure.frost');
  const due = group('a', '2027-03-01T08:00:00Z');
  expect(nextThree([due, cold, frost]).map((g) => g.key)).toEqual(['c', 'a', 'b']);
  expect([isUrgent(cold), isUrgent(frost)]).toEqual([false, true]);
  expect([warned(due), warned(cold), warned(frost)]).toEqual([undefined, 'cold', 'frost']);
});
