import { fireEvent, screen, waitFor } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { type Asked, Refusal, serve, show } from '../test-shop';
import { OrderActs } from './OrderActs';
import { OrdersPage } from './OrdersPage';
import type { Order } from '../server/useOrders';

const order = { id: 5, version: 3, quote: false, stage: 'open', lines: [] } as unknown as Order;
const PROMISE = {
  date: '2027-04-13',
  nineOfTen: '2027-04-14',
  bound: '',
  mould: 'bowl',
  curve: [],
};
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));
const body = (asked: Asked[], what: string) => asked.find((a) => a.what === what)?.body;

describe('what is done to an order', () => {
  it('marks the deposit, and keeps what is marked already', async () => {
    const marks = 'PUT /api/orders/5/marks';
    const asked = serve({ [marks]: order });
    show(<OrderActs order={{ ...order, paidOn: '2027-03-02' }} />);
    press('Deposit came in');
    await waitFor(() =>
      expect(body(asked, marks)).toEqual({
        paidOn: '2027-03-02',
        depositOn: expect.stringMatching(/^\d{4}-\d\d-\d\d$/),
      }),
    );
  });

  it('takes a mark off again', async () => {
    const marks = 'PUT /api/orders/5/marks';
    const asked = serve({ [marks]: order });
    show(<OrderActs order={{ ...order, paidOn: '2027-03-02' }} />);
    press(/^Paid, Tue 2 Mar/);
    await waitFor(() => expect(body(asked, marks)).toEqual({}));
  });

  it('accepts a quote for the day that can be promised', async () => {
    const accepted = 'POST /api/orders/5/accepted';
    const asked = serve({ 'GET /api/orders/5/promise': PROMISE, [accepted]: order });
    show(<OrderActs order={{ ...order, quote: true, stage: 'quote' }} />);
    fireEvent.click(await screen.findByRole('button', { name: 'Accept for Wed 14 Apr' }));
    await waitFor(() => expect(asked.map((a) => a.what)).toContain(accepted));
    expect(screen.queryByRole('button', { name: 'Paid' })).toBeNull();
    expect(screen.getByRole('button', { name: 'Cancel the quote' })).toBeVisible();
  });

  it('says so where somebody else changed it', async () => {
    const stale = { code: 'state.stale', detail: 'Somebody changed it meanwhile.' };
    serve({ 'POST /api/orders/5/cancelled': new Refusal(412, stale) });
    show(<OrderActs order={order} />);
    press('Cancel the order');
    expect(await screen.findByRole('alert')).toHaveTextContent(stale.detail);
  });

  it('has nothing to do to one that was cancelled, nor cancels one that has gone', () => {
    serve({});
    const { unmount } = show(<OrderActs order={{ ...order, stage: 'cancelled' }} />);
    expect(screen.getByText(/was cancelled/)).toBeVisible();
    expect(screen.queryByRole('button')).toBeNull();
    unmount();
    show(<OrderActs order={{ ...order, stage: 'sent' }} />);
    expect(screen.queryByRole('button', { name: 'Cancel the order' })).toBeNull();
  });
});

describe('orders', () => {
  const line = { quantity: 8, product: 'Ripple bowl', colourway: 'Chalk', toPour: 5 };
  const late = {
    ...order,
    number: '207',
    customer: 'Ferry Lane Goods',
    due: '2027-03-14',
    stage: 'pouring',
    lines: [line],
  };
  const planned = { orderId: 5, readyAt: '2027-03-20T10:00:00', lateDays: 6 };

  it('say what, how far, and when by the plan', async () => {
    serve({
      'GET /api/orders': { items: [late], total: 120, page: 0, size: 50 },
      'GET /api/plan': { lines: [planned] },
    });
    show(<OrdersPage />);
    const row = await screen.findByRole('link', { name: /^207/ });
    expect(row).toHaveAttribute('href', '/orders/5');
    expect(row).toHaveTextContent('8 Ripple bowls, Chalk');
    expect(row).toHaveTextContent('5 to pour');
    await waitFor(() => expect(row).toHaveTextContent('planned Sat 20 Mar, 6 days late'));
    expect(screen.getByRole('button', { name: 'Later' })).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Earlier' })).toBeNull();
  });

  it('say what can be searched for where nothing matches', async () => {
    serve({ 'GET /api/orders': { items: [], total: 0, page: 0, size: 50 } });
    show(<OrdersPage />, '/orders?search=nobody');
    expect(await screen.findByText('No order matches “nobody”')).toBeVisible();
    expect(screen.getByText(/or tracking number/)).toBeVisible();
  });
});
