import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { serve, show } from '../../test-shop';
import { WhatIfPage } from './WhatIfPage';

const trial = {
  before: { lateLines: 2, lateDays: 14, mixes: 9, lastReady: '2026-12-20' },
  after: { lateLines: 0, lateDays: 0, mixes: 9, lastReady: '2026-12-15' },
  copiesCost: 58,
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

describe('what if', () => {
  it('tries what is chosen together, and says what would move', async () => {
    const asked = serve({
      'GET /api/plan': { moulds: [{ mouldId: 7, mould: 'Ripple bowl', copies: [] }] },
      'POST /api/plan/what-if': trial,
    });
    show(<WhatIfPage />);
    expect(await screen.findByText('2 lines, 14 days in all')).toBeVisible();
    expect(screen.getByText('nothing', { selector: 'p' })).toBeVisible();
    expect(screen.getByText('1 line on another day')).toBeVisible();
    fireEvent.change(screen.getByLabelText('more copies of a mould'), { target: { value: '7' } });
    fireEvent.change(screen.getByLabelText('more people'), { target: { value: '1' } });
    await screen.findByLabelText('how many more');
    await expect
      .poll(() => asked.filter((a) => a.what === 'POST /api/plan/what-if').at(-1)?.body)
      .toMatchObject({ copies: [{ mouldId: 7, more: 1 }], people: 1, minutes: 0 });
  });
});
