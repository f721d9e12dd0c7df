import { fireEvent, screen, waitFor } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { describe, expect, it } from 'vitest';
import { Refusal, serve, show } from '../test-shop';
import { ChangeOrderPage, NewOrderPage } from './OrderFormPages';

const SHOP = {
  'GET /api/customers': [{ id: 3, name: 'Harbour Rooms', version: 1 }],
  'GET /api/products': [
    {
      product: { id: 4, name: 'Ripple bowl', layers: [{ name: 'whole', sharePercent: 100 }] },
      colourways: [{ id: 2, name: 'Chalk' }],
    },
  ],
};
const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

function showNew() {
  return show(
    <Routes>
      <Route path="/orders/new" element={<NewOrderPage />} />
      <Route path="/orders/:id" element={<p>the order’s page</p>} />
    </Routes>,
    '/orders/new?goods=4-2&quantity=6&due=2027-04-01',
  );
}

describe('an order as it is written', () => {
  it('goes to a known customer, once', async () => {
    const asked = serve({ ...SHOP, 'POST /api/orders': { id: 9 } });
    showNew();
    await screen.findByRole('option', { name: 'Ripple bowl, Chalk' });
    type('customer', 'harbour rooms');
    fireEvent.click(screen.getByRole('button', { name: 'Take the order' }));
    expect(await screen.findByText('the order’s page')).toBeVisible();
    expect(asked.filter((a) => a.what === 'POST /api/orders')).toEqual([
      {
        what: 'POST /api/orders',
        body: {
          customerId: 3,
          due: '2027-04-01',
          quote: false,
          lines: [{ productId: 4, colourwayId: 2, quantity: 6 }],
        },
      },
    ]);
  });

  it('keeps a new customer first, with the parts of the address', async () => {
    const asked = serve({
      ...SHOP,
      'POST /api/customers': { id: 8 },
      'POST /api/orders': { id: 9 },
    });
    showNew();
    type('customer', 'Fen Gallery');
    type('address of the new customer, lines separated by commas', '1 Staithe Lane, Saltmarsh');
    fireEvent.click(screen.getByRole('button', { name: 'Take the order' }));
    await screen.findByText('the order’s page');
    expect(asked.find((a) => a.what === 'POST /api/customers')?.body).toEqual({
      name: 'Fen Gallery',
      address: '1 Staithe Lane\nSaltmarsh',
    });
    expect(asked.find((a) => a.what === 'POST /api/orders')?.body).toMatchObject({ customerId: 8 });
  });

  it('says at the field what is wrong, and stays', async () => {
    const wrong = {
      code: 'invalid',
      errors: [
        { field: 'customerId', message: 'Say who it is for.' },
        { field: 'lines.0.quantity', message: 'At least 1.' },
      ],
    };
    serve({ ...SHOP, 'POST /api/orders': new Refusal(400, wrong) });
    showNew();
    fireEvent.click(screen.getByRole('button', { name: 'Take the order' }));
    expect(await screen.findByText('Say who it is for.')).toBeVisible();
    expect(screen.getByText('At least 1.')).toBeVisible();
    expect(screen.getByLabelText('customer')).toHaveAttribute('aria-invalid', 'true');
    await waitFor(() => expect(screen.getByLabelText('due')).toHaveValue('1 Apr 2027'));
  });

  it('is changed as it was seen', async () => {
    const order = {
      id: 9,
      number: '109',
      version: 4,
      customer: 'Harbour Rooms',
      due: '2027-04-01',
      quote: false,
      lines: [{ id: 1, productId: 4, colourwayId: 2, quantity: 6, price: 42 }],
    };
    const asked = serve({
      ...SHOP,
      'GET /api/orders/9': order,
      'PUT /api/orders/9': order,
    });
    show(
      <Routes>
        <Route path="/orders/:id/change" element={<ChangeOrderPage />} />
        <Route path="/orders/:id" element={<p>the order’s page</p>} />
      </Routes>,
      '/orders/9/change',
    );
    await screen.findByRole('option', { name: 'Ripple bowl, Chalk' });
    await waitFor(() => expect(screen.getByLabelText('customer')).toHaveValue('Harbour Rooms'));
    const [note] = screen.getAllByLabelText('note');
    fireEvent.change(note as HTMLElement, { target: { value: 'by the gate' } });
    fireEvent.click(screen.getByRole('button', { name: 'Keep the change' }));
    await screen.findByText('the order’s page');
    expect(asked.find((a) => a.what === 'PUT /api/orders/9')?.body).toMatchObject({
      note: 'by the gate',
      lines: [{ id: 1, productId: 4, quantity: 6, price: 42 }],
    });
  });
});
