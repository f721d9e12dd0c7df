import { act, fireEvent, screen, within } from '@testing-library/react';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import { serve, show } from '../test-shop';
import { ByMould } from './ByMould';
import type { Plan, usePlanActs } from '../server/usePlan';

const day = new Date().toLocaleDateString('sv-SE');
const cast = (no: number, copyId: number, copy: string, pinned: boolean) => ({
  no,
  copyId,
  copy,
  pinned,
  mouldId: 1,
  pieces: 1,
  product: 'Ripple bowl',
  colourway: 'Chalk',
  swatch: '#eeeeee',
  order: '103',
  customer: 'Harbour Rooms',
  pourAt: `${day}T09:00:00`,
  demouldAt: `${day}T13:00:00`,
  readyAt: `${day}T16:00:00`,
});
const plan = {
  id: 8,
  casts: [cast(0, 7, 'R7', false), cast(1, 9, 'R9', true)],
  moulds: [
    {
      mouldId: 1,
      mould: 'Ripple bowl',
      copies: [
        { copyId: 7, copy: 'R7' },
        { copyId: 8, copy: 'R8', holds: 'Ripple bowl', heldUntil: `${day}T23:00:00` },
        { copyId: 9, copy: 'R9' },
      ],
    },
  ],
} as unknown as Plan;

// Nothing has a width outside a browser; a rail as wide as a desk's has bars that can be pressed.
beforeAll(() => {
  vi.spyOn(HTMLElement.prototype, 'clientWidth', 'get').mockReturnValue(1176);
});

function showPlan(shown = plan) {
  serve({ 'GET /api/workshop': { now: new Date().toISOString() } });
  const acts = {
    move: { mutate: vi.fn(), isPending: false },
    letGo: { mutate: vi.fn(), isPending: false },
  };
  show(<ByMould plan={shown} acts={acts as unknown as ReturnType<typeof usePlanActs>} />);
  return acts;
}

const bar = (copy: string) =>
  screen.getByRole('button', { name: new RegExp(`^1 Ripple bowl, Chalk, order 103, ${copy}`) });

describe('the plan by mould copy', () => {
  it('has a rail a copy, with what it holds now', () => {
    showPlan();
    const mould = screen.getByRole('region', { name: 'Ripple bowl' });
    expect(within(mould).getByText('R8')).toBeVisible();
    expect(within(mould).getByText('holds Ripple bowl')).toBeVisible();
    expect(bar('R7')).toHaveAttribute('aria-pressed', 'false');
  });

  it('opens on a stretch in which a cast can be pressed, and says what is later', () => {
    const far = new Date(Date.now() + 30 * 86_400_000).toLocaleDateString('sv-SE');
    const late = {
      ...cast(2, 8, 'R8', false),
      pourAt: `${far}T09:00:00`,
      demouldAt: `${far}T23:00:00`,
      readyAt: `${far}T23:00:00`,
    };
    const today = { ...cast(0, 7, 'R7', false), demouldAt: `${day}T23:00:00` };
    showPlan({ ...plan, casts: [today, late] } as unknown as Plan);
    expect(bar('R7')).toBeVisible();
    expect(screen.getByText(/1 cast later than this/)).toBeVisible();
  });

  it('lets a short cast be pressed where nothing follows it at once', () => {
    const far = new Date(Date.now() + 11 * 86_400_000).toLocaleDateString('sv-SE');
    const short = (no: number, on: string, from: string, to: string) => ({
      ...cast(no, 7, 'R7', false),
      pourAt: `${on}T${from}:00`,
      demouldAt: `${on}T${to}:00`,
    });
    const casts = [short(1, far, '09:00', '09:20'), short(0, day, '09:00', '09:20')];
    showPlan({ ...plan, casts: [...casts, short(2, far, '10:00', '10:20')] } as unknown as Plan);
    const pressed = screen.getAllByRole('button', { name: /order 103, R7/ });
    expect(pressed.map((b) => /9:00|10:00/.exec(b.getAttribute('aria-label') ?? '')?.[0])).toEqual([
      '9:00',
      '10:00',
    ]);
  });

  it.each([
    // A desk names each day of a week; on a phone's rail three names have room, none past its end.
    [1106, 7],
    [290, 3],
    [40, 1],
  ])('names as many days as have room: of %i pixels %i', (px, names) => {
    vi.spyOn(HTMLElement.prototype, 'clientWidth', 'get').mockReturnValue(px);
    showPlan({ ...plan, casts: [] } as unknown as Plan);
    fireEvent.click(screen.getByRole('button', { name: 'a week' }));
    const shown = screen.getAllByText(/^\w+,? (\d+ \w+|\w+ \d+)$/);
    expect(shown).toHaveLength(names);
    const lefts = shown.map((name) => (Number.parseFloat(name.style.left) / 100) * px);
    lefts.forEach((left, i) => expect((lefts[i + 1] ?? px) - left >= 70 || px < 70).toBe(true));
    vi.spyOn(HTMLElement.prototype, 'clientWidth', 'get').mockReturnValue(1176);
  });

  it('puts a cast by its form, to the minute', () => {
    const acts = showPlan();
    fireEvent.click(bar('R7'));
    const form = within(screen.getByRole('region', { name: 'Put the cast' }));
    expect(form.queryByRole('button', { name: 'Unpin' })).toBeNull();
    fireEvent.change(form.getByLabelText('mould copy'), { target: { value: '9' } });
    fireEvent.change(form.getByLabelText('at'), { target: { value: '2.05 pm' } });
    fireEvent.click(form.getByRole('button', { name: 'Put it there' }));
    const [asked, then] = acts.move.mutate.mock.calls[0] as [unknown, { onSuccess(p: Plan): void }];
    expect(asked).toEqual({ plan, no: 0, copyId: 9, pourAt: `${day}T14:05` });

    // In the next plan the cast has another number; the form stays with the cast.
    const moved = { ...cast(1, 9, 'R9', true), pourAt: `${day}T14:05:00` };
    act(() => then.onSuccess({ ...plan, casts: [moved] } as unknown as Plan));
    expect(screen.getByText(/stays where it was put/)).toBeVisible();
  });

  it('lets a cast go that was put somewhere', () => {
    const acts = showPlan();
    fireEvent.click(bar('R9'));
    expect(screen.getByText(/stays where it was put/)).toBeVisible();
    fireEvent.click(screen.getByRole('button', { name: 'Unpin' }));
    expect(acts.letGo.mutate).toHaveBeenCalledWith({ plan, no: 1 }, expect.anything());
  });
});
