import { fireEvent, screen, waitFor } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { Refusal, serve, show } from '../test-shop';
import type { Colourway, RecipeData } from '../server/useRecipes';
import { ColourwayForm } from './ColourwayForm';

const material = (id: number, code: string, name: string, role: string, more = {}) => ({
  material: { id, code, name, role, ...more },
});

const stock = [
  material(1, 'white', 'White cement', 'binder', { packKg: 25, cementKgABag: 20 }),
  material(2, 'sand', 'Sand', 'aggregate'),
  material(3, 'oxide-red', 'Red oxide', 'pigment', { liquid: false }),
  material(4, 'liquid-black', 'Liquid black', 'pigment', { liquid: true, packKg: 0.5 }),
];

const page = {
  recipe: { id: 9, firstId: 7, name: 'White neat' },
  lines: [{ materialId: 1 }, { materialId: 2 }],
} as unknown as RecipeData;

const SHADE = 'POST /api/calc/shade';
const NEW = 'POST /api/recipes/7/colourways';

function shown(answers: Record<string, unknown>, colourway?: Colourway) {
  const asked = serve({ 'GET /api/materials': stock, ...answers });
  const onDone = vi.fn();
  show(<ColourwayForm page={page} onDone={onDone} {...(colourway && { colourway })} />);
  return {
    onDone,
    sent: (what: string) => asked.filter((a) => a.what === what).map((a) => a.body),
    type: (label: string, value: string) =>
      fireEvent.change(screen.getByLabelText(label), { target: { value } }),
    press: (name: string) => fireEvent.click(screen.getByRole('button', { name })),
  };
}

it('keeps a colour of two pigments with more water, and leaves out the row of none', async () => {
  const { onDone, sent, type, press } = shown({ [NEW]: { id: 5 } });
  await screen.findAllByText('Red oxide');
  expect(screen.getByRole('button', { name: 'Keep the colourway' })).toBeDisabled();
  type('colourway', 'Brick');
  type('more water, %', '2,5');
  type('pigment 1', '3');
  press('Add a pigment');
  press('Add a pigment');
  type('pigment 2', '4');
  press('Keep the colourway');
  await waitFor(() => expect(onDone).toHaveBeenCalledOnce());
  expect(sent(NEW)).toEqual([
    {
      name: 'Brick',
      swatch: '#b0aca0',
      waterOffsetPercent: 2.5,
      doses: [
        { materialId: 3, percentOfBinder: 3 },
        { materialId: 4, percentOfBinder: 1 },
      ],
    },
  ]);
});

it('doses what comes in bottles by the bag: 20 kg of cement in one', async () => {
  const { sent, type, press } = shown({ [NEW]: { id: 5 } });
  await screen.findAllByText('Liquid black');
  type('colourway', 'Ink');
  type('pigment 1', '4');
  // 3 % of 20 kg is 0.6 kg, 1.2 bottles of 0.5 kg; two of them are 5 %.
  expect(await screen.findByLabelText('bottles per bag')).toHaveValue('1.2');
  type('bottles per bag', '2');
  expect(screen.getByLabelText('% of cement')).toHaveValue('5');
  press('Keep the colourway');
  await waitFor(() => expect(sent(NEW)).toHaveLength(1));
  expect(sent(NEW)[0]).toMatchObject({ doses: [{ materialId: 4, percentOfBinder: 5 }] });
});

it('guesses the shade of binder and pigment, and takes it for the swatch', async () => {
  const { sent, type, press } = shown({ [SHADE]: { wet: '#442211', dry: '#775544' } });
  await screen.findAllByText('Red oxide');
  type('pigment 1', '3');
  press('Guess the shade');
  expect(await screen.findByRole('img', { name: '#442211' })).toBeVisible();
  expect(screen.getByLabelText('swatch')).toHaveValue('#775544');
  expect(sent(SHADE)).toEqual([
    {
      paste: [
        { material: 'white', percentOfBinder: 100 },
        { material: 'oxide-red', percentOfBinder: 3 },
      ],
    },
  ]);
});

it('changes a colour that there is, and says why where that cannot be', async () => {
  const slate = {
    id: 5,
    name: 'Slate',
    swatch: '#6a727a',
    waterOffsetPercent: 1,
    doses: [{ materialId: 3, percentOfBinder: 4 }],
  } as unknown as Colourway;
  const { onDone, sent, type, press } = shown(
    { 'PUT /api/colourways/5': new Refusal(409, { code: 'name.taken', detail: 'It is taken.' }) },
    slate,
  );
  await screen.findAllByText('Red oxide');
  expect(screen.getByLabelText('% of cement')).toHaveValue('4');
  type('colourway', 'Brick');
  press('Keep the colourway');
  expect(await screen.findByRole('alert')).toHaveTextContent('It is taken.');
  expect(sent('PUT /api/colourways/5')).toHaveLength(1);
  expect(screen.getByLabelText('colourway')).toHaveValue('Brick');
  expect(onDone).not.toHaveBeenCalled();
});
