import { screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { Refusal, serve, show } from '../test-shop';
import { NextPage } from './NextPage';

const soon = (minutes: number) => new Date(Date.now() + minutes * 60_000).toISOString();

const group = (key: string, board: string, product: string) => ({
  key,
  board,
  product,
  colourway: 'Chalk',
  swatch: '#ffffff',
  mouldId: 1,
  pieces: 3,
  gateAt: soon(-20),
  step: 'trim',
  stepNo: 1,
  round: 1,
  times: 1,
  kind: { todo: 'trim', done: 'trimmed', effects: [] },
  casts: [],
  pieceIds: [1, 2, 3],
  parts: [],
  warnings: [],
});
const copy = { copyId: 8, copy: 'R1', mouldId: 1, mould: 'Bowl', since: soon(-5), minutes: 4 };
const task = (minutes: number, more: object) => ({
  at: soon(-20),
  minutes,
  late: false,
  toWash: [],
  ...more,
});

const SHOP = {
  'GET /api/shelf': {
    groups: [group('a', 'wet', 'Ripple bowl'), group('b', 'bath', 'Reed vase')],
    shapes: [],
    toWash: [copy],
    stations: [],
  },
  'GET /api/plan': { days: [], casts: [], lines: [], moulds: [] },
  'GET /api/products': [{ product: { id: 1 } }],
  'GET /api/moulds': { items: [{ id: 1, name: 'Bowl', copies: [{ id: 8 }] }] },
  'GET /api/pours/open': [],
  'GET /api/next': {
    until: soon(60),
    fits: 2,
    minutes: 24.6,
    tasks: [
      task(20.6, { groupKey: 'a', late: true }),
      task(4, { toWash: [copy] }),
      task(90, { groupKey: 'b' }),
      task(5, { groupKey: 'gone' }),
    ],
  },
};

it('says in order what there is to do, and how much of it fits', async () => {
  serve(SHOP);
  show(<NextPage />, '/next');
  expect(
    await screen.findByText(/2 of 4 tasks fit by .*, 25 minutes for one person/),
  ).toBeVisible();
  const rows = await screen.findAllByRole('listitem');
  expect(rows.map((row) => row.textContent)).toEqual([
    expect.stringMatching(/^late.*trim 3 × Ripple bowl.*21 min$|^late.*Ripple bowl.*21 min$/),
    expect.stringMatching(/^now.*wash 1 copy.*R1.*4 min$/),
    expect.stringMatching(/^now.*Reed vase.*90 min, later$/),
  ]);
});

it('asks for the time that is wanted, and has nothing to do then', async () => {
  const asked = serve({
    ...SHOP,
    'GET /api/next': { until: soon(30), fits: 0, minutes: 0, tasks: [] },
  });
  show(<NextPage />, '/next?until=07:45');
  expect(await screen.findByText(/^Nothing is due by/)).toBeVisible();
  const next = asked.find((a) => a.what === 'GET /api/next');
  expect(next?.query?.get('by')).toBe('07:45');
});

it('takes an address with no time of day for the usual one', async () => {
  const asked = serve(SHOP);
  show(<NextPage />, '/next?until=99:99');
  expect(await screen.findByText(/2 of 4 tasks fit by/)).toBeVisible();
  expect(screen.getByLabelText('due by')).toHaveValue('12:30');
  expect(asked.find((a) => a.what === 'GET /api/next')?.query?.get('by')).toBe('12:30');
});

it('says so where the server does not', async () => {
  serve({ ...SHOP, 'GET /api/next': new Refusal(503, { code: 'x', detail: 'Counting.' }) });
  show(<NextPage />, '/next');
  expect(await screen.findByText('Counting.', {}, { timeout: 10_000 })).toBeVisible();
});
