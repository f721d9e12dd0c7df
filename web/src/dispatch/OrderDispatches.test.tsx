import { fireEvent, screen, waitFor } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Order } from '../server/useOrders';
import { Refusal, serve, show } from '../test-shop';
import { DispatchPage } from './DispatchPage';
import { OrderDispatches } from './OrderDispatches';

const order = { id: 5 } as Order;
const parcel = { pieceIds: [7, 8], massKg: 4.2, tracking: 'SIM1' };
const gone = { id: 1, sentAt: '2027-03-01T10:00:00Z', carrier: 'Van', parcels: [parcel] };
const LIST = 'GET /api/orders/5/dispatches';
const BACK = 'POST /api/returns';
const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

describe('what of an order has gone', () => {
  it('has its slips, and can be taken back', async () => {
    const asked = serve({ [LIST]: [gone], 'POST /api/dispatches/1/undone': gone });
    show(<OrderDispatches order={order} />);
    expect(await screen.findByText('2 pieces, 4.2 kg, SIM1')).toBeVisible();
    expect(screen.getByRole('link', { name: 'packing slip' })).toHaveAttribute(
      'href',
      '/api/dispatches/1/slip.pdf',
    );
    fireEvent.click(screen.getByRole('button', { name: 'It did not go' }));
    await waitFor(() =>
      expect(asked.map((a) => a.what)).toContain('POST /api/dispatches/1/undone'),
    );
  });

  it('cannot be taken back twice, nor its pieces come back', async () => {
    serve({ [LIST]: [{ ...gone, undone: true }] });
    show(<OrderDispatches order={order} />);
    expect(await screen.findByText(/Van, taken back$/)).toBeVisible();
    expect(screen.queryByRole('button', { name: 'It did not go' })).toBeNull();
    expect(screen.queryByRole('option', { name: '7' })).toBeNull();
  });

  it('takes a piece back for what comes next with it', async () => {
    const asked = serve({ [LIST]: [gone], [BACK]: {} });
    show(<OrderDispatches order={order} />);
    fireEvent.click(await screen.findByText('a piece came back'));
    type('piece', '8');
    type('reason', 'chipped rim');
    type('what happens to the pieces', 'shelf');
    fireEvent.click(screen.getByRole('button', { name: 'Take it back' }));
    await waitFor(() =>
      expect(asked.find((a) => a.what === BACK)?.body).toEqual({
        pieceId: 8,
        reason: 'chipped rim',
        sound: true,
        replaced: false,
      }),
    );
  });

  it('says why one cannot come back', async () => {
    const refused = { code: 'piece.notSent', detail: 'Piece 8 has not gone.' };
    serve({ [LIST]: [gone], [BACK]: new Refusal(409, refused) });
    show(<OrderDispatches order={order} />);
    fireEvent.click(await screen.findByText('a piece came back'));
    type('piece', '8');
    fireEvent.click(screen.getByRole('button', { name: 'Take it back' }));
    expect(await screen.findByRole('alert')).toHaveTextContent(refused.detail);
  });
});

describe('ready to go', () => {
  const piece = (pieceId: number, product: string) => ({
    pieceId,
    product,
    colourway: 'Chalk',
    massKg: 1.5,
  });
  const bowls = [1, 2, 3, 4, 5, 6, 7].map((id) => piece(id, 'Ripple bowl'));

  it('is picked by place, alike pieces together', async () => {
    const pick = { orderId: 5, order: '105', customer: 'Harbour Rooms', due: '2027-03-15' };
    const places = [{ place: 'bay B', pieces: [...bowls, piece(9, 'Reed vase')] }];
    serve({ 'GET /api/picks': [{ ...pick, toCome: 2, places }] });
    show(<DispatchPage />);
    expect(
      await screen.findByText(
        '7 Ripple bowls, Chalk (1, 2, 3, 4, 5, 6, …) · 1 Reed vase, Chalk (9)',
      ),
    ).toBeVisible();
    expect(screen.getByText('2 still to come')).toBeVisible();
    expect(screen.getByText(/8 pieces, 12 kg/)).toBeVisible();
    expect(screen.getByRole('link', { name: 'Pack' })).toHaveAttribute('href', '/dispatch/5');
  });

  it('says where nothing is', async () => {
    serve({ 'GET /api/picks': [] });
    show(<DispatchPage />);
    expect(await screen.findByText('Nothing is ready to go')).toBeVisible();
  });
});
