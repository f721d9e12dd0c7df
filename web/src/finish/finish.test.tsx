import { fireEvent, screen, waitFor } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Group } from '../server/useShelf';
import { serve, show } from '../test-shop';
import { CoatPanel } from './CoatPanel';
import { FillPanel } from './FillPanel';

/** Measured whole: neither its inner pot nor its faces are known. */
const measured = { id: 3, shape: { cavity: { kind: 'measured', volumeL: 0.7 }, cavities: 1 } };
const sum = { capacityL: 0.7, vesselL: 0 };
const group = {
  productId: 4,
  mouldId: 3,
  routeId: 7,
  stepNo: 0,
  pieces: 6,
  round: 2,
  times: 2,
} as Group;

describe('a vessel whose mould was measured', () => {
  it('takes what it holds as it is typed', async () => {
    const asked = serve({
      'GET /api/moulds/3': measured,
      'POST /api/calc/mould': sum,
      'POST /api/calc/wax-fill': {
        each: {
          fillL: 0.45,
          totalKg: 0.387,
          waxKg: 0.365,
          fragranceKg: 0.022,
          ofWaxPercent: 6,
          ofTotalPercent: 5.66,
          steps: [],
        },
        all: { waxKg: 2.19, fragranceKg: 0.132 },
      },
    });
    show(<FillPanel mouldId={3} pieces={6} />);
    expect(await screen.findByText(/Fill one with water to its rim/)).toBeVisible();
    fireEvent.change(screen.getByLabelText('one holds, to its rim'), {
      target: { value: '500 ml' },
    });
    expect(await screen.findByText(/2.190 g wax and 132 g fragrance for 6/)).toBeVisible();
    const wax = asked.filter((a) => a.what === 'POST /api/calc/wax-fill');
    expect(wax.at(-1)?.body).toMatchObject({ containerL: 0.5, fragrancePercent: 6 });
  });

  it('takes what the first piece took of a coat', async () => {
    const asked = serve({
      'GET /api/routes/7/steps/0/coat': {
        coat: { eachKg: 0.035, allKg: 0.21 },
        gramsPerM2: 120,
        gapMin: 0,
      },
    });
    show(<CoatPanel group={group} />);
    fireEvent.change(await screen.findByLabelText('the first piece took'), {
      target: { value: '35 g' },
    });
    await waitFor(() => expect(screen.getByText(/of sealer a piece, 210 g for all/)).toBeVisible());
    await waitFor(() => expect(asked.at(-1)?.query?.get('tookKg')).toBe('0.035'));
  });
});
