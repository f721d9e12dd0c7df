import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Refusal, serve, show } from '../test-shop';
import { PlanPage } from './PlanPage';
import type { Progress } from '../server/usePlan';

const line = {
  lineId: 1,
  orderId: 5,
  order: '207',
  customer: 'Ferry Lane Goods',
  product: 'Ripple bowl',
  colourway: 'Chalk',
  quantity: 8,
  due: '2027-03-14',
};
const plan = {
  id: 9,
  canUndo: true,
  lateDays: 6,
  leastLateDays: 4.2,
  rules: {},
  casts: [{ no: 0, pourAt: '2027-03-02T07:00:00', product: 'Ripple bowl', pieces: 1, copy: 'R7' }],
  lines: [
    {
      ...line,
      readyAt: '2027-03-20T10:00:00',
      lateDays: 6,
      why: 'The bowl mould, three copies, is full until the 14th.',
    },
  ],
  idle: [{ ...line, lineId: 2, order: '209', product: 'Hat', lateDays: 0 }],
  days: [
    {
      date: '2027-03-02',
      visits: [
        { step: 'pour', at: '2027-03-02T07:00:00', minutes: 65, casts: [0], lacks: ['sand'] },
        {
          step: 'demould',
          at: '2027-03-02T11:00:00',
          minutes: 4,
          casts: [],
          lacks: [],
          pieces: 1,
          product: 'Reed vase',
        },
      ],
    },
  ],
  moulds: [],
  changes: [
    { ...line, promised: true, was: '2027-03-18', is: '2027-03-20', why: 'Not enough people.' },
  ],
  because: ['Ripple bowl: copies in use now 6, before 7.'],
};
const RUN = 'POST /api/plan/run';
const progress = (running: boolean): Progress => ({
  running,
  seconds: 2,
  ofSeconds: 10,
  better: 3,
});
const shop = {
  'GET /api/plan': plan,
  'GET /api/plan/run': progress(false),
  'GET /api/step-kinds': [
    { code: 'demould', todo: 'take out', done: 'taken out', waits: false, effects: [], used: true },
  ],
};
const press = async (name: string) => fireEvent.click(await screen.findByRole('button', { name }));

/** The line that the server tells progress on. */
class Line {
  static last: Line | undefined;
  onmessage?: (event: { data: string }) => void;
  close = vi.fn();
  constructor() {
    Line.last = this;
  }
}

describe('the plan', () => {
  beforeEach(() => vi.stubGlobal('EventSource', Line));

  it('says at once how late it is, what changed, and what to do when', async () => {
    serve(shop);
    show(<PlanPage />);
    expect(await screen.findByText('1 line late, 6 days in all')).toBeVisible();
    expect(screen.getByText(/no plan goes below 4 · 1 line without a mould/)).toBeVisible();
    expect(
      screen.getByText(/^207, .*, promised: Thu 18 Mar → Sat 20 Mar\. Not enough people\.$/),
    ).toBeInTheDocument();
    const day = screen.getByRole('region', { name: 'Tue 2 Mar' });
    expect(day).toHaveTextContent('1 h 09 of work');
    expect(day).toHaveTextContent('1 Ripple bowl');
    expect(day).toHaveTextContent('There will not be enough sand.');
    await waitFor(() => expect(day).toHaveTextContent('take out'));
  });

  it('says of each order when it is ready, and why not sooner', async () => {
    serve(shop);
    show(<PlanPage />, '/plan?by=order');
    expect(await screen.findByText(/6 days late. The bowl mould, three copies/)).toBeVisible();
    expect(screen.getByText('cannot be planned')).toBeVisible();
  });

  it('looks for a better one, tells how it goes, and can be stopped', async () => {
    const asked = serve({
      ...shop,
      [RUN]: progress(true),
      'DELETE /api/plan/run': progress(false),
    });
    show(<PlanPage />);
    await press('Make the plan');
    expect(await screen.findByText(/3 better ones so far/)).toBeVisible();
    await press('Stop looking');
    await waitFor(() => expect(asked.map((a) => a.what)).toContain('DELETE /api/plan/run'));
    const fetched = () => asked.filter((a) => a.what === 'GET /api/plan').length;
    const before = fetched();
    act(() => Line.last?.onmessage?.({ data: JSON.stringify(progress(false)) }));
    expect(await screen.findByRole('button', { name: 'Make the plan' })).toBeVisible();
    await waitFor(() => expect(fetched()).toBeGreaterThan(before));
    expect(asked.find((a) => a.what === RUN)?.body).toEqual({ seconds: 10 });
  });

  it('goes back to the one before, or says why not', async () => {
    const none = { code: 'plan.noneBefore', detail: 'There is no plan before this one.' };
    serve({ ...shop, 'POST /api/plans/9/undone': new Refusal(409, none) });
    show(<PlanPage />);
    await press('Plan before');
    expect(await screen.findByRole('alert')).toHaveTextContent(none.detail);
  });

  it('says what to press where there is none', async () => {
    serve({
      ...shop,
      'GET /api/plan': { ...plan, id: undefined, lines: [], days: [] },
      'GET /api/products': [{ product: { id: 4, mouldId: 7 }, colourways: [] }],
      'GET /api/moulds': { items: [{ id: 7, name: 'Bowl', copies: [{ condition: 'good' }] }] },
    });
    show(<PlanPage />);
    expect(await screen.findByText('There is no plan yet')).toBeVisible();
    expect(screen.queryByRole('button', { name: 'by day' })).toBeNull();
  });

  it.each([
    ['the first product', [], 'Make the first product', '/products/new'],
    ['the first copy', [{ product: { id: 4, mouldId: 7 } }], 'Add a copy of Bowl', '/moulds/7'],
  ])('leads to %s where that must exist before', async (_, products, key, to) => {
    serve({
      ...shop,
      'GET /api/plan': { ...plan, id: undefined, lines: [], days: [] },
      'GET /api/products': products,
      'GET /api/moulds': { items: [{ id: 7, name: 'Bowl', copies: [{ condition: 'worn' }] }] },
    });
    show(<PlanPage />);
    expect(await screen.findByRole('link', { name: key })).toHaveAttribute('href', to);
  });

  it('says when it still stands on the facts before', async () => {
    serve({ ...shop, 'GET /api/plan': { ...plan, renewing: true } });
    show(<PlanPage />);
    expect(await screen.findByText(/This is the plan before/)).toBeVisible();
  });
});
