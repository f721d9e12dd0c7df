import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { show } from '../test-shop';
import { Chance } from './Chance';

const chance = {
  order: 'line--1',
  onTime: 1,
  fiveOfTen: '2026-12-08',
  nineOfTen: '2026-12-10',
  ready: [
    { date: '2026-12-07', weeks: 20 },
    { date: '2026-12-08', weeks: 40 },
    { date: '2026-12-10', weeks: 38 },
    { date: '2026-12-14', weeks: 2 },
  ],
};

describe('the chance of a promise', () => {
  it('says the date of nine of ten and draws the weeks', () => {
    show(<Chance chance={chance} />);
    expect(screen.getByText('kept in 9 of 10 weeks')).toBeInTheDocument();
    const picture = screen.getByRole('img');
    expect(picture).toHaveAccessibleName(/in half of the weeks.*in nine of ten/);
    // 4, 8, 8 and one for the rare one.
    expect(picture.querySelectorAll('[data-week]')).toHaveLength(21);
  });
});
