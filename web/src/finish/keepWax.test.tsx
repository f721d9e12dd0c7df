import { fireEvent, screen, waitFor } from '@testing-library/react';
import { expect, it } from 'vitest';
import { serve, show } from '../test-shop';
import { KeepWax } from './KeepWax';

const fill = { containerL: 0.2, fragrancePercent: 6, convention: 'ofWax' as const };
const stock = [
  { material: { id: 7, name: 'Soy wax' } },
  { material: { id: 8, name: 'Cedar oil' } },
];

it('is kept with its product once a wax is chosen', async () => {
  const asked = serve({
    'GET /api/products/4': { product: { id: 4, version: 3, name: 'Tea-light cup' } },
    'GET /api/materials': stock,
    'PUT /api/products/4/wax': {},
  });
  show(<KeepWax productId={4} fill={fill} />);
  const keep = await screen.findByRole('button', { name: 'Keep with Tea-light cup' });
  expect(keep).toBeDisabled();
  fireEvent.change(screen.getByLabelText('wax, from stock'), { target: { value: '7' } });
  fireEvent.change(screen.getByLabelText('wicks'), { target: { value: '2' } });
  fireEvent.click(keep);
  await waitFor(() =>
    expect(asked.find((a) => a.what.startsWith('PUT'))?.body).toEqual({
      wax: { waxId: 7, fill, wicks: 2 },
    }),
  );
});

it('is taken away again', async () => {
  const asked = serve({
    'GET /api/products/4': {
      product: {
        id: 4,
        version: 3,
        name: 'Cup',
        wax: { waxId: 7, fragranceId: 8, fill, wicks: 1 },
      },
    },
    'GET /api/materials': stock,
    'PUT /api/products/4/wax': {},
  });
  show(<KeepWax productId={4} fill={fill} />);
  expect(await screen.findByLabelText('fragrance, from stock')).toHaveValue('8');
  fireEvent.click(screen.getByRole('button', { name: 'Fill it with nothing' }));
  await waitFor(() => expect(asked.find((a) => a.what.startsWith('PUT'))?.body).toEqual({}));
});
