import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { Plan, Visit } from '../server/usePlan';
import type { Group } from '../server/useShelf';
import { show } from '../test-shop';
import { TaskList } from './TaskList';

const NOW = Date.parse('2027-03-01T09:00');
const cups = {
  key: 'cups',
  step: 'demould',
  kind: { todo: 'take out', done: 'taken out', effects: ['freesMould'] },
  pieces: 6,
  product: 'Tea-light cup',
  colourway: 'Slate',
  casts: [{ copy: 'T1' }],
  warnings: [{ code: 'cure.frost', message: 'It will be −2 °C.' }],
} as unknown as Group;
const visit = (casts: number[]) =>
  ({ at: '2027-03-01T10:00', casts, colourway: 'Chalk', lacks: ['chalk pigment'] }) as Visit;
const plan = {
  casts: [
    { no: 0, productId: 4, lineId: 11, copyId: 7, copy: 'R7', colourwayId: 2, pieces: 1 },
  ].map((c) => ({ ...c, product: 'Ripple bowl' })),
  moulds: [],
} as unknown as Plan;

describe('tasks one after the other', () => {
  it('opens a step here, and the sheet of a pour', () => {
    const opened = vi.fn();
    const tasks = [
      { at: NOW, minutes: 24, late: true, group: cups },
      { at: NOW + 3_600_000, minutes: 9.4, late: false, visit: visit([0]) },
    ];
    show(<TaskList tasks={tasks} fit={1} now={NOW} plan={plan} onOpen={opened} onWash={vi.fn()} />);
    fireEvent.click(
      screen.getByRole('button', {
        name: /^take out 6 Tea-light cups, Slate, T1.*It will be −2 °C/,
      }),
    );
    expect(opened).toHaveBeenCalledWith(cups);
    const pour = screen.getByRole('link', { name: /^pour 1 Ripple bowl, Chalk, R7/ });
    expect(pour).toHaveAttribute('href', '/pour/sheet?fills=4-11-7&colourway=2');
    expect(pour).toHaveTextContent('There will not be enough chalk pigment.');
    expect(screen.getByText('late')).toBeVisible();
    expect(screen.getByText('9 min, later')).toBeVisible();
    // What comes later stays as readable: a line parts it off, it is not made fainter.
    screen.getAllByRole('listitem').forEach((row) => {
      expect(getComputedStyle(row).opacity || '1').toBe('1');
    });
  });

  it('says a pour without a sheet where the plan moved on', () => {
    const tasks = [{ at: NOW, minutes: 9, late: false, visit: { ...visit([9]), pieces: 2 } }];
    tasks.forEach((t) => Object.assign(t.visit, { product: 'Reed vase' }));
    show(
      <TaskList tasks={tasks} fit={1} now={NOW} plan={plan} onOpen={vi.fn()} onWash={vi.fn()} />,
    );
    expect(screen.queryByRole('link')).toBeNull();
    expect(screen.getByText(/2 Reed vases/)).toBeVisible();
  });
});
