import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { Refusal, serve, show } from '../test-shop';
import { benchAt, filling, SHEET } from './bench/testPour';
import { OpenPours } from './OpenPours';
import { Order } from './Order';
import { PoursPage } from './PoursPage';

const ROW = {
  id: 12,
  at: new Date().toISOString(),
  status: 'RECORDED',
  recipe: 'Rapid 4 : 1',
  colourway: 'Slate',
  swatch: '#6a727a',
  products: ['Ripple bowl', 'Reed vase'],
  copies: ['R5', 'V1'],
  person: 'Mo',
  orders: [{ id: 3, number: '1003' }],
};

const page = (items: object[], more: object = {}) => ({
  items,
  total: items.length,
  page: 0,
  size: 50,
  ...more,
});

describe('the page of pours', () => {
  it('says of each what, where, who and for whom', async () => {
    serve({ 'GET /api/pours': page([ROW]), 'GET /api/recipes': [] });
    show(<PoursPage />);
    expect(await screen.findByText('Ripple bowl and Reed vase, Slate')).toHaveAttribute(
      'class',
      expect.anything(),
    );
    expect(screen.getByText(/Rapid 4 : 1 · R5 V1 · Mo · for 1003/)).toBeInTheDocument();
    expect(screen.getByRole('link', { name: /Ripple bowl/ })).toHaveAttribute('href', '/pours/12');
  });

  it('takes a recorded one back, and says why that cannot be', async () => {
    const asked = serve({
      'GET /api/pours': page([ROW, { ...ROW, id: 13, status: 'OPEN' }]),
      'GET /api/recipes': [],
      'POST /api/pours/12/undo': new Refusal(409, {
        code: 'pour.goneOn',
        detail: 'Pieces of pour 12 have gone on.',
      }),
    });
    show(<PoursPage />);
    const undo = await screen.findAllByRole('button', { name: 'Undo' });
    expect(undo).toHaveLength(1);
    fireEvent.click(undo[0] as HTMLElement);
    expect(await screen.findByRole('alert')).toHaveTextContent('Pieces of pour 12 have gone on.');
    expect(asked.some((a) => a.what === 'POST /api/pours/12/undo')).toBe(true);
  });

  it('looks for what is searched and turns its pages', async () => {
    const asked = serve({
      'GET /api/pours': page([ROW], { total: 120 }),
      'GET /api/recipes': [],
    });
    show(<PoursPage />, '/pours?search=vase&which=open');
    expect(await screen.findByText('1 to 50 of 120 pours')).toBeInTheDocument();
    expect(screen.getByDisplayValue('vase')).toBeInTheDocument();
    const before = asked.length;
    fireEvent.click(screen.getByRole('button', { name: 'Earlier' }));
    expect(await screen.findByText('51 to 100 of 120 pours')).toBeInTheDocument();
    expect(asked.length).toBeGreaterThan(before);
  });

  it('says so when nothing is like that', async () => {
    serve({ 'GET /api/pours': page([]), 'GET /api/recipes': [] });
    show(<PoursPage />);
    expect(await screen.findByText('No pour is like that')).toBeInTheDocument();
  });
});

describe('pours that go on', () => {
  const open = (session: object, state: object = {}) => ({
    'GET /api/pours/open': [{ ...benchAt([filling('R6')], state).session, ...session }],
    'GET /api/workshop': { now: new Date().toISOString() },
  });
  const soon = (minutes: number) => new Date(Date.now() + minutes * 60_000).toISOString();

  it('stand with their clock and what is next', async () => {
    serve(open({ openedAt: soon(-1) }, { clock: { workUntil: soon(7.5) } }));
    show(<OpenPours />);
    expect(await screen.findByText('7 min left to work')).toBeInTheDocument();
    expect(screen.getByText(/1 of 2 copies full · next: Fill R6/)).toBeInTheDocument();
    expect(screen.getByRole('link')).toHaveAttribute('href', '/pours/7');
  });

  it('are asked about once nobody touched them for hours', async () => {
    serve(open({ openedAt: soon(-200) }, { clock: { workUntil: soon(-180) } }));
    show(<OpenPours />);
    expect(await screen.findByText(/^untouched since .*: is it over\?$/)).toBeInTheDocument();
  });

  it('say that they stiffen, or wait to be recorded', async () => {
    serve(open({ openedAt: soon(-20) }, { clock: { workUntil: soon(-2) } }));
    const { unmount } = show(<OpenPours />);
    expect(await screen.findByText('it stiffens')).toBeInTheDocument();
    unmount();
    serve(open({ openedAt: soon(-20) }));
    show(<OpenPours />);
    expect(await screen.findByText('to be recorded')).toBeInTheDocument();
  });
});

describe('the order of filling', () => {
  const sheet = {
    ...SHEET,
    fills: [
      { ...SHEET.fills[0], litresEach: 1, copies: [{ copy: { id: 1, code: 'S1' } }] },
      {
        ...SHEET.fills[0],
        litresEach: 3,
        copies: [{ copy: { id: 2, code: 'B1' } }, { copy: { id: 3, code: 'B2' } }],
      },
    ],
  } as unknown as typeof SHEET;

  it('is the largest first, and a copy is moved up or down', async () => {
    const onOrder = vi.fn();
    show(<Order sheet={sheet} order={undefined} onOrder={onOrder} />);
    const rows = within(screen.getByRole('list')).getAllByRole('listitem');
    expect(rows.map((r) => r.textContent?.slice(0, 5))).toEqual(['1. B1', '2. B2', '3. S1']);
    fireEvent.click(screen.getByRole('button', { name: /S1 earlier/ }));
    await waitFor(() => expect(onOrder).toHaveBeenCalledWith([2, 1, 3]));
    expect(screen.getByRole('button', { name: /B1 earlier/ })).toBeDisabled();
    expect(screen.getByRole('button', { name: /S1 later/ })).toBeDisabled();
  });
});
