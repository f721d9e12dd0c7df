import { fireEvent, screen, waitFor } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { serve, show } from '../../test-shop';
import { RoomPanel } from './RoomPanel';
import { SplitPanel } from './SplitPanel';
import { benchAt, filling, weighing } from './testPour';
import { TypePanel } from './TypePanel';
import { Vessels } from './Vessels';

const RECIPE = {
  recipe: { id: 1, firstId: 1, name: 'Rapid' },
  lines: [{ materialId: 5 }],
  colourways: [
    { id: 2, name: 'Slate', doses: [], waterOffsetPercent: 0 },
    { id: 3, name: 'Sand', doses: [], waterOffsetPercent: 0 },
  ],
};
const STOCK = [{ material: { id: 5, code: 'rapid', name: 'Rapid', role: 'binder' }, lots: [] }];

describe('a part of the bowl that is split off', () => {
  const parts = () => {
    const onNote = vi.fn();
    const onSplit = vi.fn();
    const step = filling('R6');
    show(<SplitPanel bench={benchAt([step])} step={step} onNote={onNote} onSplit={onSplit} />);
    return { onNote, onSplit };
  };

  it('becomes another colour of the recipe, all that is left of it', async () => {
    serve({ 'GET /api/recipes/1': RECIPE, 'GET /api/stock': STOCK });
    const { onNote, onSplit } = parts();
    fireEvent.click(await screen.findByRole('button', { name: /^Sand/ }));
    await waitFor(() => expect(onSplit).toHaveBeenCalled());
    expect(onNote.mock.calls[0]?.[0]).toEqual([
      expect.objectContaining({ kind: 'splitOff', mix: 'b1/0', kg: 3, colour: '3' }),
    ]);
  });

  it('becomes a colour that is made up on the spot and kept with the recipe', async () => {
    const asked = serve({
      'GET /api/recipes/1': RECIPE,
      'GET /api/stock': STOCK,
      'POST /api/recipes/1/colourways': { id: 9, name: 'Dusk' },
    });
    parts();
    await screen.findByRole('button', { name: /^Sand/ });
    fireEvent.click(screen.getByRole('button', { name: /^A colour made up here/ }));
    fireEvent.change(await screen.findByLabelText('colourway'), { target: { value: 'Dusk' } });
    fireEvent.click(screen.getByRole('button', { name: 'Keep the colourway' }));
    expect(await screen.findByText('Split off a part of the bowl')).toBeInTheDocument();
    expect(asked.find((a) => a.what.startsWith('POST'))?.body).toMatchObject({ name: 'Dusk' });
  });
});

describe('what is typed', () => {
  it('of a filling has the mould taken off, as it is said', async () => {
    serve({});
    const onTyped = vi.fn();
    const step = filling('R6');
    show(<TypePanel bench={benchAt([step])} step={step} onTyped={onTyped} />);
    fireEvent.change(screen.getByLabelText(/What the scale shows/), {
      target: { value: '3.2 kg' },
    });
    fireEvent.change(screen.getByLabelText('of that the mould, empty'), {
      target: { value: '1150 g' },
    });
    fireEvent.click(screen.getByRole('button', { name: 'Take what I typed' }));
    await waitFor(() => expect(onTyped).toHaveBeenCalled());
    expect(onTyped.mock.calls[0]?.[0]).toBeCloseTo(2.05, 9);
  });

  it('of water may be a volume', async () => {
    serve({});
    const onTyped = vi.fn();
    const step = weighing({ role: 'water', askedKg: 1 });
    show(<TypePanel bench={benchAt([step])} step={step} onTyped={onTyped} />);
    fireEvent.change(screen.getByLabelText(/What went in/), { target: { value: '750 ml' } });
    fireEvent.click(screen.getByRole('button', { name: 'Take what I typed' }));
    await waitFor(() => expect(onTyped).toHaveBeenCalledWith(0.75));
  });
});

describe('a mould that nobody planned', () => {
  const room = (n: number) =>
    Array.from({ length: n }, (_, i) => ({
      mouldId: i,
      mould: `Mould ${i}`,
      product: `Piece ${i}`,
      productId: i,
      kg: 1 + i,
      fill: i === 0 ? 2 : 0,
      copies: [`M${i}`],
      copyIds: [i],
    }));

  it('is offered as it fits, and searched for among many', async () => {
    serve({ 'GET /api/pours/7/room': room(7) });
    show(<RoomPanel bench={benchAt([filling('R6')])} onNote={vi.fn()} />);
    expect(await screen.findByText(/fits what is left/)).toBeInTheDocument();
    expect(screen.getByText(/^4 kg each.*takes more than is left/)).toBeInTheDocument();
    expect(screen.queryByText(/Piece 6/)).not.toBeInTheDocument();
    fireEvent.change(screen.getByLabelText('another mould'), { target: { value: 'piece 6' } });
    expect(await screen.findByText(/becomes Piece 6/)).toBeInTheDocument();
  });

  it('is not there: say so', async () => {
    serve({ 'GET /api/pours/7/room': [] });
    show(<RoomPanel bench={benchAt([filling('R6')])} onNote={vi.fn()} />);
    expect(await screen.findByText(/No mould is free for it/)).toBeInTheDocument();
  });
});

describe('moulds and bowl', () => {
  it('say what went in and out, and how each copy stands', async () => {
    serve({ 'GET /api/moulds': { items: [] } });
    const at = filling('R6');
    show(<Vessels bench={benchAt([{ ...at, about: 'R5' }, at])} at={at} weighing={0} />);
    expect(await screen.findByText(/in 5 000 g · out 2 000 g · left 3 000 g/)).toBeInTheDocument();
    expect(screen.getByText(/^full · 2/)).toBeInTheDocument();
    expect(screen.getByText('empty')).toBeInTheDocument();
  });

  it('ask about what the sum cannot find', async () => {
    serve({ 'GET /api/moulds': { items: [] } });
    const at = filling('R6');
    const bowl = { inKg: 5, outKg: 4, leftKg: 0, thrownKg: 0.5, unaccountedKg: 0.5, litres: 0 };
    show(<Vessels bench={benchAt([at], { bowl })} at={at} weighing={0} />);
    expect(await screen.findByText(/thrown 500 g · clinging 500 g\?/)).toBeInTheDocument();
  });
});
