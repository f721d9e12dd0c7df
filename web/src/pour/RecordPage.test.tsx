import { fireEvent, screen, waitFor } from '@testing-library/react';
import { expect, it } from 'vitest';
import { Refusal, serve, show } from '../test-shop';
import { RecordPage } from './RecordPage';

const line = (materialId: number, name: string, massKg: number, role = 'binder') => ({
  materialId,
  name,
  massKg,
  role,
  measured: false,
});
const sheet = {
  fills: [
    {
      product: { id: 4, name: 'Ripple bowl' },
      holdDownKg: 0,
      copies: [{ copy: { id: 12, version: 3, code: 'R4' } }],
    },
  ],
  colourway: { id: 7 },
  firstLayer: 0,
  layers: [
    {
      name: 'whole',
      colourway: { name: 'Slate' },
      sharePercent: 100,
      yieldL: 1,
      water: { leastKg: 0.4 },
      lines: [line(1, 'White cement', 1.2), line(2, 'Water', 0.5, 'water')],
    },
  ],
  batches: [{}],
  workingMin: 20,
  readyAt: '2027-03-02T08:00:00Z',
  warnings: [],
  checks: [],
};
const SHEET = 'POST /api/pours/sheet';
const RECORDED = 'POST /api/pours/recorded';
const PATH = '/pour/recorded?fills=4-31-12&colourway=7';

function shown(answers: Record<string, unknown>, path = PATH) {
  const asked = serve({
    [SHEET]: sheet,
    'GET /api/workshop': { now: '2027-03-01T12:00:00Z' },
    ...answers,
  });
  show(<RecordPage />, path);
  return (what: string) => asked.filter((a) => a.what === what);
}

const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

it('records what was weighed as weighed, and the rest as asked', async () => {
  const sent = shown({ [RECORDED]: { id: 99 } });
  expect(await screen.findByText('Ripple bowl, Slate, in R4')).toBeVisible();
  expect(sent(SHEET)[0]?.body).toMatchObject({
    fills: [{ productId: 4, copyIds: [12] }],
    colourwayId: 7,
  });
  type('whole White cement, what went in', '1.25 kg');
  type('left in the bowl', '80 g');
  press('Record it');
  await waitFor(() => expect(sent(RECORDED)).toHaveLength(1));
  expect(sent(RECORDED)[0]?.body).toMatchObject({
    fills: [{ productId: 4, lineId: 31, copies: [{ id: 12, version: 3 }] }],
    colourwayId: 7,
    layers: [
      {
        weighOuts: [
          { materialId: 1, actualKg: 1.25, measured: true },
          { materialId: 2, actualKg: 0.5, measured: false },
        ],
      },
    ],
    leftKg: 0.08,
    acceptShort: false,
  });
});

it('is recorded once more though the stock is short, where somebody says so', async () => {
  const short = new Refusal(409, { code: 'stock.short', detail: 'White cement is 400 g short.' });
  const sent = shown({ [RECORDED]: short });
  await screen.findByText('Ripple bowl, Slate, in R4');
  press('Record it');
  expect(await screen.findByRole('alert')).toHaveTextContent('White cement is 400 g short.');
  fireEvent.click(await screen.findByRole('button', { name: 'Record it anyway' }));
  await waitFor(() => expect(sent(RECORDED)).toHaveLength(2));
  expect(sent(RECORDED)[1]?.body).toMatchObject({ acceptShort: true });
});

it('asks why a layer was poured before its time', async () => {
  const early = { ...sheet, warnings: [{ code: 'layer.early', message: 'It waits until 15:00.' }] };
  const sent = shown({ [SHEET]: early, [RECORDED]: { id: 99 } });
  expect(await screen.findByText('It waits until 15:00.')).toBeVisible();
  type('why it was poured early', 'It had set.');
  press('Record it');
  await waitFor(() => expect(sent(RECORDED)).toHaveLength(1));
  expect(sent(RECORDED)[0]?.body).toMatchObject({ earlyReason: 'It had set.' });
});

it('says that nothing is chosen, and asks for no sheet', async () => {
  const sent = shown({}, '/pour/recorded');
  expect(await screen.findByRole('link', { name: /choose|Pour/i })).toBeVisible();
  expect(sent(SHEET)).toHaveLength(0);
});

it('says why there is no sheet, with a way to try again', async () => {
  shown({ [SHEET]: new Refusal(409, { code: 'copy.held', detail: 'R4 holds a casting.' }) });
  expect(await screen.findByText('R4 holds a casting.')).toBeVisible();
});
