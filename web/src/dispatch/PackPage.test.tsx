import { fireEvent, screen, waitFor } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { describe, expect, it } from 'vitest';
import { Refusal, serve, show } from '../test-shop';
import { PackPage } from './PackPage';

const PICK = {
  orderId: 5,
  order: '105',
  customer: 'Harbour Rooms',
  address: '1 Staithe Lane\nSaltmarsh',
  places: [],
};
const PACKING = 'POST /api/orders/5/packing';
const SENT = 'POST /api/orders/5/dispatches';
const shop = (parcels: unknown[]) => ({
  'GET /api/picks': [PICK],
  'GET /api/carriers': [{ code: 'van', name: 'Van', mostKg: 30 }],
  [PACKING]: {
    parcels: { parcels, fewest: true },
    rates: [{ code: 'van', name: 'Van', total: 14 }],
  },
});
const LIGHT = { massKg: 4.2, pieces: ['7', '8'], heavy: false };
const HEAVY = { massKg: 26, pieces: ['9'], heavy: true };

const showPage = () =>
  show(
    <Routes>
      <Route path="/dispatch/:orderId" element={<PackPage />} />
      <Route path="/orders/:id" element={<p>the order’s page</p>} />
    </Routes>,
    '/dispatch/5',
  );
const gone = () => screen.getByRole('button', { name: 'Mark as sent' });

describe('packing an order', () => {
  it('shows the fewest parcels and their rate, and goes', async () => {
    const asked = serve({ ...shop([LIGHT]), [SENT]: { id: 1 } });
    showPage();
    expect(await screen.findByText('1 parcel, no fewer would do')).toBeVisible();
    expect(screen.getByText('2 pieces: 7, 8')).toBeVisible();
    expect(screen.getByText('€14.00 by Van')).toBeVisible();
    expect(screen.queryByText(/two people/)).toBeNull();
    fireEvent.click(gone());
    expect(await screen.findByText('the order’s page')).toBeVisible();
    expect(asked.find((a) => a.what === SENT)?.body).toEqual({
      carrier: 'van',
      boxKg: 0.4,
      aloneFromKg: 10,
    });
  });

  /** An own shop has other carriers than the demo: one that it has not is never asked for. */
  it('packs with a carrier that the shop has', async () => {
    const asked = serve({
      ...shop([LIGHT]),
      'GET /api/carriers': [{ code: 'freight', name: 'Freight', mostKg: 500 }],
    });
    showPage();
    await screen.findByText(/no fewer would do/);
    const packed = asked.filter((a) => a.what === PACKING);
    expect(packed.length).toBeGreaterThan(0);
    packed.forEach((a) => expect(a.body).toMatchObject({ carrier: 'freight' }));
  });

  it('cautions at a heavy parcel', async () => {
    serve(shop([LIGHT, HEAVY]));
    showPage();
    expect(await screen.findByText('Over 23 kg: two people or a trolley.')).toBeVisible();
  });

  it('packs anew for another box, and not for one that is no number', async () => {
    const asked = serve(shop([LIGHT]));
    showPage();
    await screen.findByText(/no fewer would do/);
    const box = screen.getByLabelText('box weight, kg');
    fireEvent.change(box, { target: { value: '0,6' } });
    await waitFor(() =>
      expect(asked.at(-1)).toMatchObject({ what: PACKING, body: { boxKg: 0.6 } }),
    );
    const before = asked.length;
    fireEvent.change(box, { target: { value: 'heavy' } });
    expect(screen.getByText('Give a number.')).toBeVisible();
    expect(gone()).toBeDisabled();
    expect(asked).toHaveLength(before);
  });

  it('stays where the carrier cannot', async () => {
    const failed = { code: 'carrier.failed', detail: 'The carrier does not answer.' };
    serve({ ...shop([LIGHT]), [SENT]: new Refusal(502, failed) });
    showPage();
    await screen.findByText(/no fewer would do/);
    fireEvent.click(gone());
    expect(await screen.findByRole('alert')).toHaveTextContent(failed.detail);
    expect(gone()).toBeEnabled();
  });

  it('says where nothing is ready', async () => {
    serve({ ...shop([]), 'GET /api/picks': [] });
    showPage();
    expect(await screen.findByText('Nothing of this order is ready to go')).toBeVisible();
  });
});
