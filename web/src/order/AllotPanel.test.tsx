import { fireEvent, screen, waitFor } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { Refusal, serve, show } from '../test-shop';
import { AllotPanel } from './AllotPanel';
import type { Order } from '../server/useOrders';

const order = {
  id: 5,
  lines: [
    { id: 11, quantity: 4, product: 'Ripple bowl', colourway: 'Chalk', toPour: 2 },
    { id: 12, quantity: 1, product: 'Reed vase', colourway: 'Clay', toPour: 0 },
  ],
} as unknown as Order;
const piece = (pieceId: number, pourId: number, more = {}) => ({ pieceId, pourId, ...more });
const LIST = 'GET /api/orders/5/allotments';
const allotments = [
  {
    lineId: 11,
    own: [
      piece(1, 30, { readyAt: '2027-03-01T10:00:00Z', massKg: 1.234 }),
      piece(2, 30),
      piece(6, 30, { sent: true }),
    ],
    free: [piece(3, 31, { demouldedAt: '2027-03-01T10:00:00Z' })],
  },
  { lineId: 12, own: [piece(4, 32, { sent: true })], free: [piece(5, 33)] },
];

describe('pieces of lines', () => {
  it('stand by shade, tied ones and those that could be had', async () => {
    serve({ [LIST]: allotments });
    show(<AllotPanel order={order} />);
    expect(await screen.findByText('2 pieces tied, of pour 30')).toBeVisible();
    expect(screen.getByRole('button', { name: 'free piece 1' })).toHaveTextContent('ready · 1.23');
    expect(screen.getByRole('button', { name: 'free piece 2' })).toHaveTextContent('in the mould');
    expect(screen.getByRole('button', { name: 'tie piece 3' })).toHaveTextContent('curing');
    // Its line has all it wants, and what was sent cannot be freed.
    expect(screen.queryByRole('button', { name: /piece [456]/ })).toBeNull();
  });

  it('are tied and freed by hand', async () => {
    const asked = serve({
      [LIST]: allotments,
      'POST /api/order-lines/11/allotments': order,
      'POST /api/allotments/freed': { pieces: 1 },
    });
    show(<AllotPanel order={order} />);
    fireEvent.click(await screen.findByRole('button', { name: 'tie piece 3' }));
    fireEvent.click(screen.getByRole('button', { name: 'free piece 2' }));
    await waitFor(() =>
      expect(asked).toEqual(
        expect.arrayContaining([
          { what: 'POST /api/order-lines/11/allotments', body: { pieceIds: [3] } },
          { what: 'POST /api/allotments/freed', body: { pieceIds: [2] } },
        ]),
      ),
    );
  });

  it('say why one cannot be had', async () => {
    const taken = { code: 'piece.taken', detail: 'Piece 3 is tied to order 103.' };
    serve({ [LIST]: allotments, 'POST /api/order-lines/11/allotments': new Refusal(409, taken) });
    show(<AllotPanel order={order} />);
    fireEvent.click(await screen.findByRole('button', { name: 'tie piece 3' }));
    expect(await screen.findByRole('alert')).toHaveTextContent(taken.detail);
  });

  it('are not spoken of where there are none', async () => {
    const asked = serve({ [LIST]: [{ lineId: 11, own: [], free: [] }] });
    show(<AllotPanel order={order} />);
    await waitFor(() => expect(asked).toHaveLength(1));
    expect(screen.queryByText('Pieces')).toBeNull();
  });
});
