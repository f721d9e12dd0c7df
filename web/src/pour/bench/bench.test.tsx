import { fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { serve, show } from '../../test-shop';
import type { What } from '../script/facts';
import { Bench } from './Bench';
import { benchAt, filling, SHEET, SHORT, step, weighing } from './testPour';

const SETTINGS = { bench: '', person: '', takesItself: true, speaks: false };

function stand(steps: Parameters<typeof benchAt>[0], state: object = {}) {
  serve({ 'GET /api/workshop': { now: '2026-11-27T08:10:00Z' }, 'GET /api/moulds': { items: [] } });
  const noted: What[][] = [];
  const bench = benchAt(steps, state);
  show(
    <Bench
      session={bench.session}
      sheet={SHEET}
      settings={SETTINGS}
      onKeep={vi.fn()}
      onNote={(whats) => noted.push(whats)}
      onUndo={vi.fn()}
    />,
  );
  return noted;
}

const press = (name: RegExp) => fireEvent.click(screen.getByRole('button', { name }));

afterEach(() => vi.unstubAllGlobals());

describe('the bench', () => {
  it('takes the rest of a mix and its wetting in one press', () => {
    const wet = { ...step('wet', 'b1/0', 'wetted'), status: 'later' as const };
    const noted = stand([weighing(), wet]);
    press(/^All as asked, and wet$/);
    expect(noted).toEqual([
      [
        { kind: 'asAsked', mix: 'b1/0' },
        { kind: 'wetted', mix: 'b1/0' },
      ],
    ]);
  });

  it('leaves a mould out in three presses, with its reason', () => {
    const noted = stand([filling('R6')]);
    press(/^Otherwise/);
    press(/^Leave R6 out/);
    press(/^it leaks/);
    expect(noted).toEqual([[{ kind: 'leftOut', copy: 'R6', why: 'it leaks' }]]);
  });

  it('says what an empty bowl leaves open, and mixes what is short', () => {
    const noted = stand([filling('R6')], {
      batches: [{ batch: 'b1', inKg: 5, leftKg: 0, mixes: [{ mix: 'b1/0' }] }],
      findings: [SHORT],
    });
    expect(screen.getByText('The bowl is empty, R6 is not full')).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: /is full$/ })).toBeNull();
    press(/^Mix 1.5.L more/);
    expect(noted).toEqual([[{ kind: 'mixedMore', batch: 'b2', like: 'b1', litres: 1.5 }]]);
  });

  it('tells of a shortage before the bowl is empty', () => {
    stand([filling('R6')], { findings: [SHORT] });
    expect(screen.getByText(/1.4.L short for R6/)).toBeInTheDocument();
    expect(screen.getByRole('button', { name: /^R6 is full$/ })).toBeInTheDocument();
  });

  it('offers that the others follow what went in wrong', () => {
    const off = {
      finding: { code: 'pour.offProportion', message: '3 kg went in.', params: {} },
      remedies: [{ kind: 'followed', values: { mix: 'b1/0', factor: 0.75 } }],
    };
    const noted = stand([weighing()], { findings: [off] });
    press(/^The others follow: × 0.750$/);
    expect(noted).toEqual([[{ kind: 'followed', mix: 'b1/0', factor: 0.75 }]]);
  });

  it('takes a reading that is typed, the empty mould with it', async () => {
    const noted = stand([filling('R6')]);
    press(/^Type it$/);
    fireEvent.change(screen.getByLabelText(/^What the scale shows/), {
      target: { value: '3.1 kg' },
    });
    fireEvent.change(screen.getByLabelText(/^of that the mould/), { target: { value: '1 kg' } });
    press(/^Take what I typed$/);
    await vi.waitFor(() => expect(noted).toHaveLength(1));
    expect(noted[0]?.[0]).toMatchObject({ kind: 'filled', copy: 'R6', all: true, source: 'typed' });
    expect((noted[0]?.[0] as { kg: number }).kg).toBeCloseTo(2.1, 9);
  });

  it('goes on by any keyboard as by a pedal', () => {
    const noted = stand([step('check', 'moulds', 'checked')]);
    fireEvent.keyDown(document.body, { key: ' ' });
    expect(noted).toEqual([[{ kind: 'checked', check: 'moulds' }]]);
  });
});
