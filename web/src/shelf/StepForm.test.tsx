import { fireEvent, screen, waitFor } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { Refusal, serve, show } from '../test-shop';
import type { Group } from '../server/useShelf';
import { StepForm } from './StepForm';

const NOW = Date.parse('2027-03-01T09:00:00Z');
const STEP = 'POST /api/shelf/steps';

function group(part: Record<string, unknown> = {}): Group {
  return {
    key: 'a',
    productId: 4,
    product: 'Ripple bowl',
    mouldId: 3,
    pieces: 3,
    pieceIds: [21, 22, 23],
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

function shown(answers: Record<string, unknown>, own = group()) {
  const asked = serve(answers);
  const onDone = vi.fn();
  show(<StepForm group={own} now={NOW} onDone={onDone} />);
  return {
    onDone,
    sent: () => asked.filter((a) => a.what === STEP).map((a) => a.body),
    type: (label: RegExp | string, value: string) =>
      fireEvent.change(screen.getByLabelText(label), { target: { value } }),
    press: (name: RegExp | string) => fireEvent.click(screen.getByRole('button', { name })),
  };
}

it('is done to all of a group by one press', async () => {
  const { onDone, sent, press } = shown({ [STEP]: { actId: 9 } });
  press('Done: wash off, 3');
  await waitFor(() => expect(onDone).toHaveBeenCalledOnce());
  expect(sent()).toEqual([{ pieces: [{ id: 21 }, { id: 22 }, { id: 23 }], stepNo: 4, round: 1 }]);
});

it('is done to the first so many, one of them weighed', async () => {
  const { onDone, sent, type, press } = shown({ [STEP]: { actId: 9 } });
  type('how many of 3', '4');
  expect(screen.getByRole('button', { name: /^Done/ })).toBeDisabled();
  type('how many of 3', '1');
  type('its mass', '2.07 kg');
  type('note', 'a chip at the foot');
  press('Done: wash off, 1');
  await waitFor(() => expect(onDone).toHaveBeenCalledOnce());
  expect(sent()).toEqual([
    {
      pieces: [{ id: 21, massKg: 2.07 }],
      stepNo: 4,
      round: 1,
      note: 'a chip at the foot',
    },
  ]);
});

it('is left out with its reason', async () => {
  const { onDone, sent, type, press } = shown({ [STEP]: { actId: 9 } });
  press('Leave it out');
  expect(screen.getByRole('button', { name: 'Leave out: wash off, 3' })).toBeDisabled();
  type('Why is it left out?', 'It is clean.');
  press('Leave out: wash off, 3');
  await waitFor(() => expect(onDone).toHaveBeenCalledOnce());
  expect(sent()[0]).toMatchObject({ leftOut: true, earlyReason: 'It is clean.' });
});

it('is graded, and not left out where it ends the route', async () => {
  const inspect = { todo: 'look at', done: 'looked at', effects: ['grades', 'ends'] };
  const { onDone, sent, press } = shown(
    { [STEP]: { actId: 9 }, 'GET /api/products/4': { product: {} } },
    group({ step: 'inspect', kind: inspect }),
  );
  expect(screen.queryByRole('button', { name: 'Leave it out' })).not.toBeInTheDocument();
  expect(screen.getByRole('link', { name: '22' })).toHaveAttribute('href', '/pieces/22/inspect');
  press(/first/);
  await waitFor(() => expect(onDone).toHaveBeenCalledOnce());
  expect(sent()[0]).toMatchObject({ grade: 'first' });
});

it('goes into a full station where somebody says that they fit', async () => {
  const { sent, press } = shown({
    [STEP]: new Refusal(409, { code: 'station.full', detail: 'The bath holds 12.' }),
  });
  press('Done: wash off, 3');
  expect(await screen.findByRole('alert')).toHaveTextContent('The bath holds 12.');
  press('They fit');
  press('Done: wash off, 3');
  await waitFor(() => expect(sent()).toHaveLength(2));
  expect(sent()[1]).toMatchObject({ overfull: true });
});
