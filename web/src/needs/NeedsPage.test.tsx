import { screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { serve, show } from '../test-shop';
import { NeedsPage } from './NeedsPage';

const purchase = {
  neededOn: '2027-03-15',
  orderBy: '2027-03-10',
  packs: 2,
  massKg: 50,
  price: 31,
  late: false,
};
const cement = {
  materialId: 1,
  material: 'White cement',
  packKg: 25,
  leadDays: 5,
  stockKg: 8,
  shortOn: '2027-03-15',
  staleKg: 0,
  useKg: [6, 0, 40],
  purchases: [purchase],
};
const sand = {
  materialId: 2,
  material: 'Fine sand',
  leadDays: 3,
  stockKg: 90,
  staleKg: 12,
  useKg: [5],
  purchases: [{ ...purchase, packs: 0, massKg: 3.5, price: undefined, late: true }],
};
const needs = (materials: unknown[]) => ({
  'GET /api/needs': { cost: 31, weeks: ['2027-03-01', '2027-03-08', '2027-03-15'], materials },
});

describe('what to buy', () => {
  it('is in whole packs, by when, and says what is late or goes stale', async () => {
    serve(needs([cement, sand]));
    show(<NeedsPage />);
    const list = within(await screen.findByRole('region', { name: 'Shopping list' }));
    expect(list.getByText('2 packs of 25 kg')).toBeVisible();
    expect(list.getByText('order by Wed 10 Mar', { exact: false })).toBeVisible();
    expect(list.getByText('3.5 kg')).toBeVisible();
    expect(list.getByText('order now: it takes 3 days')).toBeVisible();
    expect(list.getByText('12 kg of the stock goes stale before it is used.')).toBeVisible();
    const row = within(screen.getByRole('row', { name: /^White cement/ }));
    expect(row.getAllByRole('cell').map((c) => c.textContent)).toEqual([
      'White cement',
      '8',
      '6',
      '',
      '40',
    ]);
  });

  it('tells enough from nothing planned', async () => {
    serve(needs([{ ...cement, purchases: [] }]));
    const { unmount } = show(<NeedsPage />);
    expect(await screen.findByText(/enough for all that is planned/)).toBeVisible();
    unmount();
    serve(needs([]));
    show(<NeedsPage />);
    expect(await screen.findByText(/Lay the plan out first/)).toBeVisible();
  });
});
