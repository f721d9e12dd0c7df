import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { show } from '../test-shop';
import { Chance } from './Chance';
import type { ChanceView } from '../server/usePromise';

const view: ChanceView = {
  chance: {
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
  },
  from: {
    spread: { setPercent: 8.6, scrapPercent: 3.2, absentPercent: 1.9 },
    pieces: 142,
    warmDays: 58,
    openDays: 1,
  },
};

describe('the chance of a promise', () => {
  it('says both dates, draws the weeks, and says what they stand on', () => {
    show(<Chance view={view} />);
    expect(screen.getByRole('heading')).toHaveTextContent(/8 Dec in 5 of 10.*10 Dec in 9 of 10/);
    // 4, 8, 8 and one for the rare one.
    expect(screen.getByRole('img').querySelectorAll('[data-week]')).toHaveLength(21);
    expect(screen.getByText(/set times by 9 %, 3 % scrap, people away on 2 %/)).toHaveTextContent(
      'from 142 pieces, temperatures of 58 days and 1 working day',
    );
  });

  it('says so where there are no records', () => {
    const from = { ...view.from, pieces: 0, warmDays: 0, openDays: 0 };
    show(<Chance view={{ ...view, from }} />);
    expect(screen.getByText(/as workshops usually do/)).toBeVisible();
  });
});
