import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { serve, show } from '../test-shop';
import { ResultsPage } from './ResultsPage';

const month = (name: string, late: number, meanLateDays: number) => ({
  month: name,
  lines: 10,
  onTimeInFull: 10 - late,
  late,
  meanLateDays,
});
const NONE = { months: [], moulds: [], scrap: [], margins: [] };

describe('results', () => {
  it('averages lateness over lines, not over months', async () => {
    serve({
      'GET /api/results': {
        ...NONE,
        onTimeShare: 0.8,
        months: [month('2027-02', 3, 2), month('2027-03', 1, 10)],
      },
    });
    show(<ResultsPage />);
    // 3 lines by 2 days and 1 by 10.
    expect(await screen.findByText('80 %')).toBeVisible();
    expect(
      screen.getByText(
        '16 of 20 order lines left complete and on time; the late ones were late by 4.0 days on average',
      ),
    ).toBeVisible();
    expect(screen.getByText('3 of 10 late')).toBeVisible();
    expect(screen.getByText('February 2027')).toBeVisible();
  });

  it('says where there is nothing yet, with the table all the same', async () => {
    serve({ 'GET /api/results': NONE });
    show(<ResultsPage />, '/results?weeks=4');
    expect(await screen.findByText('Nothing was due in these weeks.')).toBeVisible();
    expect(screen.getByText('Nothing was poured yet.')).toBeVisible();
    const tables = screen.getAllByRole('link', { name: 'as a table' });
    expect(tables.map((t) => t.getAttribute('href'))).toContain('/api/results/months.csv?weeks=4');
  });
});
