import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { describe, expect, it } from 'vitest';
import { type Asked, serve, show } from '../test-shop';
import { suggested } from './grade';
import { InspectPage } from './InspectPage';

describe('what a piece looks like', () => {
  it.each([
    [[], 'first'],
    [[{ defect: 'pinholes' }], 'second'],
    [[{ defect: 'pinholes' }, { defect: 'crack' }], 'scrap'],
    [[{ defect: 'weak' }], 'scrap'],
  ] as const)('with %o is a %s', (seen, grade) =>
    expect(suggested([...seen] as Parameters<typeof suggested>[0]).grade).toBe(grade),
  );
});

const use = {
  piece: { id: 7, productId: 1, pourId: 3, massKg: 2.07 },
  product: 'Ripple bowl',
  colourway: 'Chalk',
  swatch: '#dcd8cc',
  rows: [],
};

const defects = [
  { defect: 'pinholes', seen: 'Pinholes', mend: '' },
  { defect: 'crack', seen: 'Crack', mend: '' },
];

const cause = {
  cause: 'tappedLittle',
  name: 'Tapped too little',
  fact: 'Tapped for 1 min.',
  verdict: 'speaksFor',
  change: 'Tap until the bubbles stop.',
};

function open(groups: unknown[] = []): Asked[] {
  const asked = serve({
    'GET /api/use/pieces/7': use,
    'GET /api/defects': defects,
    'GET /api/products': [],
    'GET /api/shelf': { at: new Date().toISOString(), groups, stations: [], shapes: [] },
    'POST /api/pieces/7/causes': [cause],
    'POST /api/pieces/7/inspections': [{ actId: 9 }],
  });
  show(
    <Routes>
      <Route path="/pieces/:id/inspect" element={<InspectPage />} />
      <Route path="/pieces/:id" element={<p>its page</p>} />
    </Routes>,
    '/pieces/7/inspect',
  );
  return asked;
}

const kind = { todo: 'inspect', done: 'inspected', effects: ['grades'] };

describe('a look at a piece', () => {
  it('says why by its own records, and the grade follows what is seen', async () => {
    const asked = open();
    const grades = within(await screen.findByRole('group', { name: 'grade' }));
    expect(grades.getByRole('button', { name: 'First' })).toHaveAttribute('aria-pressed', 'true');
    fireEvent.click(await screen.findByRole('button', { name: 'Pinholes' }));
    expect(await screen.findByText('Tapped too little')).toBeVisible();
    expect(grades.getByRole('button', { name: 'Second' })).toHaveAttribute('aria-pressed', 'true');
    fireEvent.click(screen.getByRole('button', { name: 'Crack' }));
    expect(screen.getByText(/looks like scrap/)).toBeVisible();
    // Pressed again it is not there after all; the person decides in the end.
    fireEvent.click(screen.getByRole('button', { name: 'Crack' }));
    fireEvent.click(grades.getByRole('button', { name: 'First' }));
    expect(screen.getByText('as you decided')).toBeVisible();
    fireEvent.click(screen.getByRole('button', { name: 'It is a first' }));
    expect(await screen.findByText('its page')).toBeVisible();
    const sent = asked.find((a) => a.what === 'POST /api/pieces/7/inspections');
    expect(sent?.body).toMatchObject({ grade: 'first', defects: [{ defect: 'pinholes' }] });
  });

  it('asks why before its time, and not for scrap', async () => {
    const gateAt = new Date(Date.now() + 7_200_000).toISOString();
    const asked = open([{ key: 'out-3', kind, pieceIds: [7], gateAt, casts: [] }]);
    fireEvent.change(await screen.findByLabelText(/Why now/), { target: { value: 'a fair' } });
    fireEvent.click(screen.getByRole('button', { name: 'It is a first' }));
    await waitFor(() =>
      expect(asked.find((a) => a.what === 'POST /api/pieces/7/inspections')?.body).toMatchObject({
        earlyReason: 'a fair',
      }),
    );
  });

  it('asks nothing of scrap, whenever it is', async () => {
    const gateAt = new Date(Date.now() + 7_200_000).toISOString();
    open([{ key: 'out-3', kind, pieceIds: [7], gateAt, casts: [] }]);
    fireEvent.click(await screen.findByRole('button', { name: 'Crack' }));
    expect(screen.queryByLabelText(/Why now/)).toBeNull();
  });

  it('scraps it with what was seen as the reason', async () => {
    const asked = open();
    fireEvent.click(await screen.findByRole('button', { name: 'Crack' }));
    fireEvent.click(screen.getByRole('button', { name: 'Scrap it' }));
    await waitFor(() =>
      expect(asked.find((a) => a.what === 'POST /api/pieces/7/inspections')?.body).toMatchObject({
        scrapReason: 'Crack',
      }),
    );
  });
});
