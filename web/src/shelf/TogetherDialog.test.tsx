import { fireEvent, screen, waitFor } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { Refusal, serve, show } from '../test-shop';
import type { Group } from '../server/useShelf';
import { TogetherDialog } from './TogetherDialog';

const NOW = Date.parse('2027-03-01T09:00:00Z');

function group(key: string, part: Record<string, unknown>): Group {
  return {
    key,
    product: key,
    colourway: 'Slate',
    productId: 4,
    pieces: 2,
    pieceIds: [],
    stepNo: 4,
    round: 1,
    times: 1,
    step: 'rinse',
    kind: { todo: 'wash off', done: 'washed off', effects: ['washes'] },
    gateAt: '2027-03-01T08:00:00Z',
    casts: [],
    parts: [],
    ...part,
  } as unknown as Group;
}

function shown(groups: Group[], words: string, answers: Record<string, unknown>) {
  const asked = serve(answers);
  const onClose = vi.fn();
  const pieces = groups.reduce((n, g) => n + g.pieces, 0);
  show(<TogetherDialog together={{ words, groups, pieces }} now={NOW} onClose={onClose} />);
  return {
    onClose,
    sent: (what: string) => asked.filter((a) => a.what === what).map((a) => a.body),
    press: async (name: string) => fireEvent.click(await screen.findByRole('button', { name })),
  };
}

const STEP = 'POST /api/shelf/steps';
const TAKE_OUT = 'POST /api/shelf/take-out';

it('does one thing to all that is ticked, each at its own step', async () => {
  const bowls = group('Ripple bowl', { pieceIds: [1, 2] });
  const trays = group('Tray', { pieceIds: [7], pieces: 1, stepNo: 6, round: 2 });
  const lamps = group('Lamp', { pieceIds: [9], pieces: 1 });
  const { onClose, sent, press } = shown([bowls, trays, lamps], 'wash off', { [STEP]: {} });
  expect(screen.getByText('Wash off: 4 pieces')).toBeVisible();
  fireEvent.click(screen.getByLabelText(/Lamp/));
  expect(await screen.findByText('Wash off: 3 pieces')).toBeVisible();
  await press('Done: wash off, 3');
  await waitFor(() => expect(onClose).toHaveBeenCalledOnce());
  expect(sent(STEP)).toMatchObject([
    {
      pieces: [
        { id: 1, stepNo: 4, round: 1 },
        { id: 2, stepNo: 4, round: 1 },
        { id: 7, stepNo: 6, round: 2 },
      ],
    },
  ]);
});

it('takes several moulds out, all on the scale at once', async () => {
  const out = { step: 'demould', kind: { todo: 'take out', done: 'out', effects: ['freesMould'] } };
  const { onClose, sent, press } = shown(
    [
      group('Ripple bowl', { ...out, casts: [{ id: 11, version: 2, copy: 'R1', pieces: 1 }] }),
      group('Dish', { ...out, casts: [{ id: 12, version: 1, copy: 'D1', pieces: 2 }] }),
    ],
    'take out',
    { [TAKE_OUT]: {} },
  );
  expect(screen.getByText(/Goggles on/)).toBeVisible();
  expect(screen.getByText(/Not weighed/)).toBeVisible();
  fireEvent.change(screen.getByLabelText('all together on the scale'), {
    target: { value: '2.6 kg' },
  });
  await press('Take out 4');
  await waitFor(() => expect(onClose).toHaveBeenCalledOnce());
  expect(sent(TAKE_OUT)).toMatchObject([
    {
      casts: [
        { castId: 11, version: 2, pieces: [{}] },
        { castId: 12, version: 1, pieces: [{}, {}] },
      ],
      totalMassKg: 2.6,
    },
  ]);
});

it('does nothing where nothing is ticked, and stays open where it is refused', async () => {
  const message = 'Two of them were washed off on another tablet.';
  const { onClose, press } = shown(
    [group('Ripple bowl', { pieceIds: [1, 2] }), group('Tray', { pieceIds: [7, 8] })],
    'wash off',
    { [STEP]: new Refusal(409, { code: 'piece.moved', detail: message }) },
  );
  fireEvent.click(screen.getByLabelText(/Ripple bowl/));
  await screen.findByText('Wash off: 2 pieces');
  fireEvent.click(screen.getByLabelText(/Tray/));
  expect(await screen.findByRole('button', { name: 'Done: wash off, 0' })).toBeDisabled();
  fireEvent.click(screen.getByLabelText(/Tray/));
  await press('Done: wash off, 2');
  expect(await screen.findByRole('alert')).toHaveTextContent(message);
  expect(onClose).not.toHaveBeenCalled();
});
