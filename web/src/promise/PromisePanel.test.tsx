import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { show } from '../test-shop';
import { PromisePanel } from './PromisePanel';
import type { PromiseView } from '../server/usePromise';

const promise = {
  date: '2027-04-14',
  nineOfTen: '2027-04-16',
  bound: 'The bowl mould, three copies, is full until the 13th.',
  mould: 'bowl',
  copyPrice: 18.5,
  curve: [
    { copies: 3, date: '2027-04-14' },
    { copies: 4, date: '2027-04-13' },
    { copies: 5, date: '2027-04-09' },
    { copies: 6, date: '2027-04-14' },
  ],
} as unknown as PromiseView;

describe('a promise', () => {
  it('says its day, what binds it, and what more copies would do', () => {
    show(<PromisePanel promise={promise} />);
    expect(screen.getByRole('region', { name: 'Promise' })).toHaveTextContent(
      /16 Apr.*ready on Wed 14 Apr/,
    );
    expect(screen.getByText(/full until the 13th/)).toBeVisible();
    expect(screen.getByText('With more copies of the bowl mould, €18.50 each')).toBeVisible();
    expect(screen.getByText('as it is')).toBeVisible();
    expect(screen.getByText('1 day sooner')).toBeVisible();
    expect(screen.getByText('5 days sooner')).toBeVisible();
    expect(screen.getByText('no sooner')).toBeVisible();
  });

  it('has no curve where copies do not bind it', () => {
    show(<PromisePanel promise={{ ...promise, curve: promise.curve.slice(0, 1) }} />);
    expect(screen.queryByText(/more copies/)).toBeNull();
  });
});
