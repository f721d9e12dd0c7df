import { screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import type { RecipeData } from '../server/useRecipes';
import { serve, show } from '../test-shop';
import { Colourways } from './Colourways';

const stock = [
  { material: { id: 3, code: 'oxide-red', name: 'Red oxide', role: 'pigment' } },
  { material: { id: 4, code: 'oxide-black', name: 'Black oxide', role: 'pigment' } },
];

const brick = {
  id: 5,
  name: 'Brick',
  swatch: '#a05040',
  versionNo: 2,
  waterOffsetPercent: -1.5,
  doses: [
    { materialId: 3, percentOfBinder: 9 },
    { materialId: 4, percentOfBinder: 3 },
  ],
};

const plain = { ...brick, id: 6, name: 'Plain', versionNo: 1, waterOffsetPercent: 0, doses: [] };

const HIGH = 'Pigment is 12 % of the cement, over 10 %.';

function shown(page: object) {
  serve({ 'GET /api/materials': stock, 'GET /api/recipes/7/colour-offers': [] });
  show(<Colourways page={{ recipe: { id: 9, firstId: 7 }, ...page } as unknown as RecipeData} />);
}

it('says what each colour is dosed with, in spoons where they were weighed, and what of it is too much', async () => {
  shown({
    colourways: [brick, plain],
    dosing: [
      {
        pigmentPercent: 12,
        spoonsABag: [450.4, null],
        warnings: [{ code: 'pigment.high', message: HIGH }],
      },
      { pigmentPercent: 0, spoonsABag: [], warnings: [] },
    ],
  });
  expect(await screen.findByText('Brick, version 2')).toBeVisible();
  expect(
    await screen.findByText(
      '9 % red oxide (450 level spoons a bag), 3 % black oxide · water −1.5 %',
    ),
  ).toBeVisible();
  expect(screen.getAllByText(HIGH)).toHaveLength(1);
  expect(screen.getByText('no pigment')).toBeVisible();
});

it('says that a mix has none yet', async () => {
  shown({ colourways: [], dosing: [] });
  expect(await screen.findByText(/None yet/)).toBeVisible();
});
