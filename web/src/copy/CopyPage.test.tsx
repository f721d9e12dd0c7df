import { fireEvent, screen, waitFor } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { expect, it } from 'vitest';
import { Refusal, serve, show } from '../test-shop';
import { CopyPage } from './CopyPage';

const piece = (pieceId: number, more = {}) => ({ pieceId, ...more });
const cast = (castId: number, more: Record<string, unknown>) => ({
  castId,
  pourId: 30 + castId,
  filledAt: '2027-03-01T08:00:00Z',
  ...more,
});
const history = {
  mouldId: 3,
  copy: { id: 4, version: 2, code: 'R4', condition: 'good', casts: 17, washDue: true },
  casts: [
    cast(1, { pieces: [piece(51)] }),
    cast(2, {
      emptiedAt: '2027-03-02T08:00:00Z',
      earlyReason: 'wanted at once',
      pieces: [
        piece(49, { massKg: 2.07 }),
        piece(50, { scrapReason: 'rim torn' }),
        piece(48, { graded: 'first' }),
      ],
    }),
  ],
  castsHere: 17,
  marks: [{ at: '2027-02-01T08:00:00Z', condition: 'mend', reason: 'A tear at the rim.' }],
};
const mould = {
  id: 3,
  name: 'Ripple bowl',
  expected: { casts: 40 },
  section: {
    more: [],
    inserts: [],
    rimMm: 90,
    outer: [
      { zMm: 0, rMm: 60 },
      { zMm: 90, rMm: 80 },
    ],
  },
};

function shown(answers: Record<string, unknown> = {}) {
  const asked = serve({
    'GET /api/copies/4': history,
    'GET /api/moulds/3': mould,
    'GET /api/workshop': { now: '2027-03-01T12:00:00Z' },
    ...answers,
  });
  show(
    <Routes>
      <Route path="/copies/:id" element={<CopyPage />} />
    </Routes>,
    '/copies/4',
  );
  return (what: string) => asked.filter((a) => a.what === what).map((a) => a.body);
}

it('says its state, its wear, and what came of each cast', async () => {
  shown();
  expect(await screen.findByRole('heading', { name: 'Copy R4' })).toBeVisible();
  expect(await screen.findByText(/free, wash it.*17 of about 40 casts/)).toBeVisible();
  expect(screen.getByText('still in it:', { exact: false })).toBeVisible();
  expect(screen.getByRole('link', { name: 'piece 51' })).toHaveAttribute('href', '/pieces/51');
  expect(screen.getByRole('link', { name: /2.070.g/ })).toHaveAttribute('href', '/pieces/49');
  expect(screen.getByRole('link', { name: 'scrap: rim torn' })).toBeVisible();
  expect(screen.getByRole('link', { name: 'not weighed' })).toBeVisible();
  expect(screen.getByText('early: wanted at once')).toBeVisible();
  expect(screen.getByText('The latest 2 of 17 casts.')).toBeVisible();
  expect(screen.getByText('1 change of condition')).toBeVisible();
});

it('is washed by one press', async () => {
  const washed = { ...history, copy: { ...history.copy, washDue: false } };
  const answers: Record<string, unknown> = { 'POST /api/copies/4/washed': washed };
  const sent = shown(answers);
  fireEvent.click(await screen.findByRole('button', { name: 'It is washed' }));
  await waitFor(() => expect(sent('POST /api/copies/4/washed')).toHaveLength(1));
  // What hangs on it is asked for again.
  await waitFor(() => expect(sent('GET /api/copies/4').length).toBeGreaterThan(1));
});

it('is to be repaired, with the reason', async () => {
  const sent = shown({ 'POST /api/copies/4/marks': history });
  fireEvent.click(await screen.findByRole('button', { name: 'Change condition' }));
  expect(screen.getByRole('button', { name: 'Note it' })).toBeDisabled();
  fireEvent.change(screen.getByLabelText('condition'), { target: { value: 'mend' } });
  fireEvent.change(screen.getByLabelText('reason'), { target: { value: 'A tear at the rim.' } });
  fireEvent.click(screen.getByRole('button', { name: 'Note it' }));
  await waitFor(() =>
    expect(sent('POST /api/copies/4/marks')).toEqual([
      { condition: 'mend', reason: 'A tear at the rim.' },
    ]),
  );
  expect(await screen.findByRole('button', { name: 'Change condition' })).toBeVisible();
});

it('says why its label was not printed', async () => {
  shown({
    'POST /api/copies/4/label': new Refusal(507, { code: 'x', detail: 'The disk is full.' }),
  });
  fireEvent.click(await screen.findByRole('button', { name: 'Print its label' }));
  expect(await screen.findByRole('alert')).toHaveTextContent('The disk is full.');
});

it('has nothing to tell before its first cast', async () => {
  shown({ 'GET /api/copies/4': { ...history, casts: [], castsHere: 0, marks: [] } });
  expect(await screen.findByText(/Nothing has been cast in it/)).toBeVisible();
  expect(screen.queryByText(/The latest/)).not.toBeInTheDocument();
});
