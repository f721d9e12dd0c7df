import { fireEvent, screen, waitFor } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { Refusal, serve, show } from '../test-shop';
import type { Group } from '../server/useShelf';
import { TakeOutForm } from './TakeOutForm';

const NOW = Date.parse('2027-03-01T09:00:00Z');
const TAKE_OUT = 'POST /api/shelf/take-out';
const dish = { usual: { massKg: 0.26, leastKg: 0.104, mostKg: 0.65 } };

function group(part: Partial<Group> = {}): Group {
  return {
    key: 'a',
    productId: 4,
    product: 'Soap dish',
    mouldId: 3,
    pieces: 3,
    gateAt: '2027-03-01T08:00:00Z',
    casts: [
      { id: 11, version: 2, copy: 'D1', pieces: 2 },
      { id: 12, version: 5, copy: 'D2', pieces: 1 },
    ],
    ...part,
  } as unknown as Group;
}

function shown(answers: Record<string, unknown>, own = group()) {
  const asked = serve({ 'GET /api/products/4': dish, ...answers });
  const onDone = vi.fn();
  show(<TakeOutForm group={own} now={NOW} onDone={onDone} />);
  const sent = () => asked.filter((a) => a.what === TAKE_OUT).map((a) => a.body);
  const type = (label: RegExp | string, value: string) =>
    fireEvent.change(screen.getByLabelText(label), { target: { value } });
  const press = () => fireEvent.click(screen.getByRole('button', { name: 'Take out 3' }));
  return { asked, onDone, sent, type, press };
}

it('takes each mass, what broke, and how it came out', async () => {
  const { onDone, sent, type, press } = shown({ [TAKE_OUT]: {} });
  expect(screen.getByText(/3 pieces not weighed/)).toBeVisible();
  type('Mass of D1, 1', '262 g');
  type('Mass of D2', '0.258 kg');
  const broke = screen.getAllByRole('button', { name: 'Broke' })[1];
  fireEvent.click(broke ?? document.body);
  // What broke has a reason before anything is sent.
  expect(screen.getByRole('button', { name: 'Take out 3' })).toBeDisabled();
  type('What broke on D1, 2', 'rim torn, too green');
  fireEvent.click(screen.getByRole('button', { name: 'too green' }));
  press();
  await waitFor(() => expect(onDone).toHaveBeenCalledOnce());
  expect(sent()).toEqual([
    {
      casts: [
        {
          castId: 11,
          version: 2,
          pieces: [{ massKg: 0.262 }, { scrapReason: 'rim torn, too green' }],
        },
        { castId: 12, version: 5, pieces: [{ massKg: 0.258 }] },
      ],
      touch: 'tooGreen',
    },
  ]);
});

it('asks an unlikely mass back once, and takes it the second time', async () => {
  const { onDone, sent, type, press } = shown({ [TAKE_OUT]: {} });
  type('Mass of D2', '2.6 kg');
  press();
  expect(await screen.findByRole('alert')).toHaveTextContent(
    /Soap dish of this mould weighs about 260.g/,
  );
  expect(sent()).toEqual([]);
  press();
  await waitFor(() => expect(onDone).toHaveBeenCalledOnce());
  expect(sent()).toHaveLength(1);
});

it('asks a total back by what it is a piece', async () => {
  const { sent, type, press } = shown({ [TAKE_OUT]: {} });
  type('or all together on the scale', '7.8 kg');
  press();
  expect(await screen.findByRole('alert')).toHaveTextContent('2.6 kg?');
  type('or all together on the scale', '0.78 kg');
  press();
  await waitFor(() => expect(sent()).toHaveLength(1));
  expect(sent()[0]).toMatchObject({ totalMassKg: 0.78 });
});

it('asks why before its time', async () => {
  const { onDone, sent, type, press } = shown(
    { [TAKE_OUT]: {} },
    group({ gateAt: '2027-03-01T15:00:00Z' }),
  );
  expect(screen.getByRole('button', { name: 'Take out 3' })).toBeDisabled();
  type(/Why now/, 'The mould is wanted.');
  press();
  await waitFor(() => expect(onDone).toHaveBeenCalledOnce());
  expect(sent()[0]).toMatchObject({ earlyReason: 'The mould is wanted.' });
});

it('asks why without the layer that it waits for', () => {
  shown({}, group({ next: { layer: 'back' } as Group['next'] }));
  expect(screen.getByLabelText('It still waits for its back layer. Why take it out without?'));
  expect(screen.getByRole('button', { name: 'Take out 3' })).toBeDisabled();
});

it('keeps what was typed where it is refused, and says why', async () => {
  const message = 'D1 was taken out on another tablet.';
  const { onDone, type, press } = shown({
    [TAKE_OUT]: new Refusal(409, { code: 'cast.gone', detail: message }),
  });
  type('Mass of D1, 1', '262 g');
  press();
  expect(await screen.findByRole('alert')).toHaveTextContent(message);
  expect(screen.getByLabelText('Mass of D1, 1')).toHaveValue('262 g');
  expect(onDone).not.toHaveBeenCalled();
});
