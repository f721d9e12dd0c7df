import { fireEvent, screen, waitFor } from '@testing-library/react';
import { expect, it } from 'vitest';
import { Refusal, serve, show } from '../test-shop';
import { TakePage } from './TakePage';

const shipped = (code: string, name: string, role: string) => ({
  code,
  name,
  role,
  pack: '25 kg bag',
  relativeDensity: 3.1,
  bulkDensityKgM3: 1200,
  source: 'from memory',
});
const SHIPPED = 'GET /api/starting-materials';
const all = [
  shipped('white', 'White cement', 'binder'),
  shipped('grey', 'Grey cement', 'binder'),
  shipped('oxide', 'Red oxide', 'pigment'),
];

it('takes one into the shop, and leads to what is there', async () => {
  const asked = serve({
    [SHIPPED]: all,
    'GET /api/materials': [{ material: { id: 8, code: 'grey', retired: false } }],
    'POST /api/starting-materials/white': { id: 9 },
  });
  show(<TakePage />);
  expect(await screen.findByRole('heading', { name: 'cement and bagged mixes' })).toBeVisible();
  expect(await screen.findByRole('link', { name: 'yours' })).toHaveAttribute('href', '/stock/8');
  const takes = screen.getAllByRole('button', { name: 'Take it' });
  expect(takes).toHaveLength(2);
  fireEvent.click(takes[0] ?? document.body);
  await waitFor(() =>
    expect(asked.map((a) => a.what)).toContain('POST /api/starting-materials/white'),
  );
});

it('shows what is searched for, by its address', async () => {
  serve({ [SHIPPED]: all, 'GET /api/materials': [] });
  show(<TakePage />, '/stock/take?search=RED');
  expect(await screen.findByText('Red oxide')).toBeVisible();
  expect(screen.queryByText('White cement')).not.toBeInTheDocument();
  fireEvent.change(screen.getByLabelText('material'), { target: { value: '' } });
  expect(await screen.findByText('White cement')).toBeVisible();
});

it('says why it could not be taken', async () => {
  serve({
    [SHIPPED]: all,
    'GET /api/materials': [],
    'POST /api/starting-materials/white': new Refusal(403, { code: 'x', detail: 'Owners only.' }),
  });
  show(<TakePage />);
  fireEvent.click((await screen.findAllByRole('button', { name: 'Take it' }))[0] ?? document.body);
  expect(await screen.findByRole('alert')).toHaveTextContent('Owners only.');
});
