import { fireEvent, screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { Refusal, serve, show } from '../test-shop';
import { BackupsPage } from './BackupsPage';
import { LateBackup } from './LateBackup';
import { days, months } from './spans';

const NOW = Date.parse('2026-11-26T10:00:00Z');

const good = {
  name: '20261126T080000Z-daily.zip',
  madeAt: '2026-11-26T08:00:00Z',
  bytes: 3_200_000,
  good: true,
  reason: 'daily',
  shop: 'Gravel Street',
  application: '0.1.0',
  counts: { orders: 1, pours: 12, pieces: 90, moulds: 4 },
};
const damaged = { name: 'x', madeAt: '2026-11-20T08:00:00Z', bytes: 1, good: false, counts: {} };
const backups = {
  lastGoodAt: good.madeAt,
  late: false,
  folder: '/data/backups',
  secondAway: false,
  items: [good, damaged],
};
const workshop = { now: new Date(NOW).toISOString() };

describe('the page of backups', () => {
  it('says what is in each, and goes back to none that is damaged', async () => {
    serve({ 'GET /api/backups': backups, 'GET /api/workshop': workshop });
    show(<BackupsPage />);
    const kept = await screen.findByRole('region', { name: 'What is kept' });
    expect(
      within(kept).getByText('1 order, 12 pours, 90 pieces, 4 moulds; 3.2 MB'),
    ).toBeInTheDocument();
    expect(within(kept).getByText(/Damaged/)).toBeInTheDocument();
    expect(within(kept).getAllByRole('button')).toHaveLength(1);
  });

  it('asks before it goes back, and says why it is refused', async () => {
    const asked = serve({
      'GET /api/backups': backups,
      'GET /api/workshop': workshop,
      [`POST /api/backups/${good.name}/restore`]: new Refusal(409, {
        code: 'backup.damaged',
        detail: 'It is damaged, so nothing was changed. Choose another backup.',
      }),
    });
    show(<BackupsPage />);
    fireEvent.click(await screen.findByRole('button', { name: 'Go back to it…' }));
    expect(screen.getByText(/What was entered since then will/)).toBeInTheDocument();
    expect(asked.filter((a) => a.what.startsWith('POST'))).toHaveLength(0);
    fireEvent.click(screen.getByRole('button', { name: 'Go back' }));
    expect(await screen.findByText(/so nothing was changed/)).toBeInTheDocument();
  });

  it('says what is wrong with the data', async () => {
    serve({
      'GET /api/backups': { ...backups, items: [] },
      'GET /api/workshop': workshop,
      'GET /api/check': {
        good: false,
        looked: [{ what: 'Documents can be read', rows: 7, wrong: ['Bowl, moulds.shape 3'] }],
      },
    });
    show(<BackupsPage />);
    expect(await screen.findByText('No backup yet')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Look through it' }));
    expect(await screen.findByText('The data is not in order.')).toBeInTheDocument();
    expect(screen.getByText('Bowl, moulds.shape 3')).toBeInTheDocument();
  });
});

describe('a backup that is late', () => {
  it('is told over every page', async () => {
    serve({ 'GET /api/backups': { ...backups, late: true } });
    show(<LateBackup />);
    expect(await screen.findByRole('alert')).toHaveTextContent(
      'no good backup of the last two days',
    );
  });
});

describe('how far back one can go', () => {
  it('is told by days and by months', () => {
    const made = ['2026-11-26T08:00:00Z', '2026-11-24T08:00:00Z', '2026-09-30T08:00:00Z'].map(
      Date.parse,
    );
    expect(days(made, NOW).map((d) => d.kept)).toEqual([
      false,
      false,
      false,
      false,
      true,
      false,
      true,
    ]);
    expect(
      months(made, NOW)
        .filter((m) => m.kept)
        .map((m) => m.label),
    ).toEqual(['Sept', 'Nov']);
  });
});
