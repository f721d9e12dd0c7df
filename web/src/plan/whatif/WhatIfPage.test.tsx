import { fireEvent, screen, waitFor } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { type Asked, Refusal, serve, show } from '../../test-shop';
import { WhatIfPage } from './WhatIfPage';

const trial = {
  before: {
    lateLines: 2,
    lateDays: 14,
    mixes: 9,
    mixMin: 150,
    lateWorkMin: 40,
    lastReady: '2026-12-20',
  },
  after: {
    lateLines: 0,
    lateDays: 0,
    mixes: 9,
    mixMin: 150,
    lateWorkMin: 0,
    lastReady: '2026-12-15',
  },
  copiesCost: 58,
  piecesToPay: 3,
  savedMin: 40,
  savedWorth: 13.33,
  inTent: ['Ripple bowl'],
  lines: [
    {
      lineId: 3,
      orderId: 5,
      order: '207',
      customer: 'Ferry Lane Goods',
      product: 'Ripple bowl',
      due: '2026-12-12',
      was: '2026-12-20',
      is: '2026-12-11',
    },
  ],
};
const copies = [
  { copyId: 1, copy: 'RB1' },
  { copyId: 2, copy: 'RB2' },
];
const SHOP = {
  'GET /api/plan': {
    moulds: [
      { mouldId: 6, mould: 'Tray', copies },
      { mouldId: 7, mould: 'Ripple bowl', copies },
    ],
  },
  'GET /api/plan/what-if/tent': { celsius: 32, pieces: 12 },
  'POST /api/plan/what-if': trial,
  'POST /api/plan/what-if/copies': [
    { mouldId: 7, mould: 'Ripple bowl', fewerLateDays: 9, price: 29 },
  ],
};
const KEPT = 'POST /api/plan/what-if/kept';
const last = (asked: Asked[], what: string) => asked.filter((a) => a.what === what).at(-1)?.body;
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
const choose = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

describe('what if', () => {
  it('tries what is chosen together, and says what would move', async () => {
    const asked = serve(SHOP);
    show(<WhatIfPage />);
    expect(await screen.findByText('2 lines, 14 days in all')).toBeVisible();
    expect(screen.getByText('nothing', { selector: 'p' })).toBeVisible();
    expect(screen.getByText('1 line on another day')).toBeVisible();
    expect(screen.getByText('Fri 11 Dec, 9 days sooner')).toBeVisible();
    expect(screen.getByText(/cost €58.00: what 3 pieces of them sell for/)).toBeVisible();
    expect(screen.getByText(/40 min less work in this plan/)).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Make it so' })).toBeNull();
    // What helps most stands first.
    const rows = await screen.findAllByRole('img', { name: /^2 copies/ });
    expect(rows[0]?.parentElement).toHaveTextContent('9 late days fewer, costs €29.00');
    press('one more of Ripple bowl');
    press('one more of Ripple bowl');
    press('one more of Tray');
    press('one less of Tray');
    choose('more people', '1');
    choose('a heated tent to set in', 'yes');
    choose('it holds, pieces', '20');
    await waitFor(() =>
      expect(last(asked, 'POST /api/plan/what-if')).toEqual({
        copies: [{ mouldId: 7, more: 2 }],
        people: 1,
        minutes: 0,
        tent: { celsius: 32, pieces: 20 },
        expected: false,
      }),
    );
    expect(screen.getByText(/Cover what stands in the tent/)).toBeVisible();
  });

  it('is kept by a press, and begins anew', async () => {
    const asked = serve({
      ...SHOP,
      [KEPT]: { copies: [{ mould: 'Ripple bowl', inUse: 3 }], people: 2, inTent: [] },
    });
    show(<WhatIfPage />);
    fireEvent.click(await screen.findByRole('button', { name: 'one more of Ripple bowl' }));
    fireEvent.click(await screen.findByRole('button', { name: 'Make it so' }));
    expect(await screen.findByRole('status')).toHaveTextContent(
      'Done. Ripple bowl: 3 copies in use; 2 people.',
    );
    expect(last(asked, KEPT)).toMatchObject({ copies: [{ mouldId: 7, more: 1 }] });
    expect(screen.queryByRole('button', { name: 'Make it so' })).toBeNull();
  });

  it('says so where it cannot be kept', async () => {
    serve({
      ...SHOP,
      [KEPT]: new Refusal(409, { code: 'x', detail: 'This shop has no station.' }),
    });
    show(<WhatIfPage />);
    fireEvent.click(await screen.findByRole('button', { name: 'one more of Tray' }));
    fireEvent.click(await screen.findByRole('button', { name: 'Make it so' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('This shop has no station.');
  });
});
