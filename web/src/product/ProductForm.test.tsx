import { fireEvent, screen, waitFor } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { Problem } from '../api/client';
import { serve, show } from '../test-shop';
import type { ProductRequest } from '../server/useProducts';
import { ProductForm } from './ProductForm';

const section = {
  more: [],
  inserts: [],
  rimMm: 90,
  outer: [
    { zMm: 0, rMm: 60 },
    { zMm: 90, rMm: 80 },
  ],
};
const moulds = {
  items: [{ id: 3, name: 'Ripple bowl', capacityL: 1.2, shape: { cavities: 2 }, section }],
};
const recipe = (firstId: number, name: string, colourwayIds: number[]) => ({
  recipe: { firstId, name, retention: 0.95 },
  freshDensityKgM3: 2000,
  colourways: colourwayIds.map((id) => ({ id, name: `Colour ${id}`, swatch: '#6a727a' })),
});

const start = {
  name: 'Ripple bowl',
  mouldId: 3,
  recipeId: 7,
  price: 30,
  minutesPerPiece: 2,
  goods: 0.4,
  soldIn: [5, 6],
  layers: [
    { name: 'face', sharePercent: 20, withoutFibre: true },
    { name: 'back', sharePercent: 80, waitH: 1.5 },
  ],
} as unknown as ProductRequest;

function shown(save: (body: ProductRequest) => Promise<unknown>, from = start) {
  const asked = serve({
    'GET /api/moulds': moulds,
    'POST /api/calc/mould': { capacityL: 0.6, freshMassKg: 1.2, dryMassKg: 1.14 },
    'GET /api/recipes': [recipe(7, 'White neat', [5, 6, 8]), recipe(9, 'Grey', [20])],
  });
  show(<ProductForm start={from} saveWords="Keep it" save={save} />);
  return asked;
}

const type = (label: string | RegExp, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

it('is kept as it was where nothing is changed', async () => {
  const save = vi.fn<(body: ProductRequest) => Promise<void>>(() => Promise.resolve());
  const asked = shown(save);
  const said = await screen.findByText(/ wet, .* dry$/);
  expect(asked.find((a) => a.what === 'POST /api/calc/mould')?.body).toEqual({
    cavities: 1,
    freshDensityKgM3: 2000,
    retention: 0.95,
  });
  expect(said.textContent.replace(/\s/g, ' ')).toBe('0.6 L · 1.2 kg wet, 1.14 kg dry');
  press('Keep it');
  await waitFor(() => expect(save).toHaveBeenCalledOnce());
  expect(save.mock.calls[0]?.[0]).toEqual({
    name: 'Ripple bowl',
    mouldId: 3,
    recipeId: 7,
    price: 30,
    minutesPerPiece: 2,
    goods: 0.4,
    soldIn: [5, 6],
    layers: [
      { name: 'face', sharePercent: 20, waitH: 0, withoutFibre: true },
      { name: 'back', sharePercent: 80, waitH: 1.5, withoutFibre: false },
    ],
  });
});

it('is sold by its mass, its hardware with it', async () => {
  const save = vi.fn<(body: ProductRequest) => Promise<void>>(() => Promise.resolve());
  shown(save);
  await screen.findByRole('button', { name: 'Colour 5' });
  type('dry mass', '5 kg');
  type('tolerance', '50 g');
  type('hardware in it', '310 g');
  type(/^price/, '12,5');
  press('Keep it');
  await waitFor(() => expect(save).toHaveBeenCalledOnce());
  expect(save.mock.calls[0]?.[0]).toMatchObject({
    price: 12.5,
    target: { massKg: 5, toleranceKg: 0.05, hardwareKg: 0.31 },
  });
});

it('loses the colours of the recipe that it had, with another', async () => {
  const save = vi.fn<(body: ProductRequest) => Promise<void>>(() => Promise.resolve());
  shown(save);
  await screen.findByRole('button', { name: 'Colour 5' });
  type('recipe', '9');
  press('Keep it');
  await waitFor(() => expect(save).toHaveBeenCalledOnce());
  expect(save.mock.calls[0]?.[0]).toMatchObject({ recipeId: 9, soldIn: [] });
});

it('says what is wrong at its field, and keeps what was typed', async () => {
  const findings = [{ code: 'x', field: 'price', message: 'A price is 0 or more.' }];
  shown(() => Promise.reject(new Problem('request.invalid', 'Not kept.', findings as never)));
  await screen.findByRole('button', { name: 'Colour 5' });
  type(/^price/, '-3');
  press('Keep it');
  expect(await screen.findAllByText('A price is 0 or more.')).not.toHaveLength(0);
  expect(screen.getByLabelText(/^price/)).toHaveValue('-3');
});

it('keeps nothing of a mass that cannot be read', async () => {
  const save = vi.fn(() => Promise.resolve());
  shown(save);
  await screen.findByRole('button', { name: 'Colour 5' });
  type('dry mass', 'heavy');
  press('Keep it');
  await waitFor(() => expect(screen.getAllByRole('alert').length).toBeGreaterThan(0));
  expect(save).not.toHaveBeenCalled();
});
