import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { expect, it } from 'vitest';
import { Refusal, serve, show } from '../test-shop';
import type { RecipeData } from '../server/useRecipes';
import { LearnedPanel } from './LearnedPanel';

const slate = { id: 5, name: 'Slate', swatch: '#6a727a', doses: [{ materialId: 3 }] };
const page = {
  recipe: { id: 9, firstId: 7, versionNo: 2 },
  latest: true,
  kept: { name: 'White neat', yieldFactor: 1, retention: 0.967 },
  colourways: [slate],
} as unknown as RecipeData;

const from = (value: number, count: number, heldOut: number[] = []) => ({ value, count, heldOut });
const learned = {
  yieldUsed: 1,
  yield: from(0.982, 3, [12]),
  retentionUsed: 0.967,
  retention: from(0.9665, 4),
  workingUsed: 20,
  working: from(16.2, 2),
  water: [{ colourwayId: 5, colourway: 'Slate', offsetUsed: 1, offset: from(2.4, 2) }],
  minutes: [{ productId: 4, product: 'Dish', minutesUsed: 2, minutes: from(2.05, 5) }],
};
const VERSIONS = 'POST /api/recipes/9/versions';

function shown(answers: Record<string, unknown>, own = page) {
  const asked = serve({ 'GET /api/recipes/9/learned': learned, ...answers });
  show(<LearnedPanel page={own} />);
  return (what: string) => asked.filter((a) => a.what === what).map((a) => a.body);
}

const row = (words: RegExp) => {
  const found = screen.getByText(words).parentElement?.parentElement;
  return within(found ?? document.body);
};

it('says what each value rests on, and offers only what differs', async () => {
  shown({});
  await screen.findByText(/real yield over the sum/);
  const yielded = row(/real yield/);
  expect(yielded.getByText('0.982')).toBeVisible();
  expect(yielded.getByText('from 3 pours; used with 1.000; 1 pour held out')).toBeVisible();
  expect(yielded.getByRole('button', { name: 'Use it' })).toBeVisible();
  // Half a thousandth off is no reason for a version.
  expect(row(/over its wet mix/).queryByRole('button')).not.toBeInTheDocument();
  expect(row(/minutes to fill one Dish/).queryByRole('button')).not.toBeInTheDocument();
});

it('uses a yield in a new version, and water in the colour', async () => {
  const sent = shown({
    [VERSIONS]: { recipe: { id: 10 } },
    'PUT /api/colourways/5': { id: 5 },
  });
  await screen.findByText(/real yield over the sum/);
  fireEvent.click(row(/real yield/).getByRole('button', { name: 'Use it' }));
  await waitFor(() => expect(sent(VERSIONS)).toHaveLength(1));
  expect(sent(VERSIONS)[0]).toEqual({ name: 'White neat', yieldFactor: 0.982, retention: 0.967 });
  fireEvent.click(row(/more water for Slate/).getByRole('button', { name: 'Use it' }));
  await waitFor(() => expect(sent('PUT /api/colourways/5')).toHaveLength(1));
  expect(sent('PUT /api/colourways/5')[0]).toMatchObject({
    name: 'Slate',
    waterOffsetPercent: 2.4,
  });
});

it('changes nothing of a version that is not the newest', async () => {
  shown({}, { ...page, latest: false });
  await screen.findByText(/real yield over the sum/);
  expect(row(/real yield/).queryByRole('button')).not.toBeInTheDocument();
});

it('says why it could not be used', async () => {
  shown({ [VERSIONS]: new Refusal(412, { code: 'stale', detail: 'It was changed meanwhile.' }) });
  await screen.findByText(/real yield over the sum/);
  fireEvent.click(row(/real yield/).getByRole('button', { name: 'Use it' }));
  expect(await screen.findByRole('alert')).toHaveTextContent('It was changed meanwhile.');
});

it('says that no pour teaches yet', async () => {
  shown({ 'GET /api/recipes/9/learned': { ...learned, yield: from(1, 0), working: from(0, 0) } });
  await screen.findByText(/real yield over the sum/);
  expect(row(/real yield/).getByText('–')).toBeVisible();
  expect(row(/real yield/).getByText('no pour says yet; used with 1.000')).toBeVisible();
  expect(screen.queryByText(/until a bowl went off/)).not.toBeInTheDocument();
});
