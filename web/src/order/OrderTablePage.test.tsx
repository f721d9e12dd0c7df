import { fireEvent, screen, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { Refusal, serve, show } from '../test-shop';
import { OrderTablePage } from './OrderTablePage';

const COLUMNS = 'POST /api/exchange/orders/columns';
const TAKE = 'POST /api/exchange/orders';
const row = { number: 2, name: 'A-1', what: 'fresh', errors: [] };
const view = { applied: false, fresh: 1, changed: 0, same: 0, refused: 0, rows: [row] };

function give() {
  const file = new File(['who,what,n\n'], 'orders.csv', { type: 'text/csv' });
  fireEvent.change(screen.getByLabelText('the table'), { target: { files: [file] } });
}

describe('orders from a table', () => {
  it('guesses the columns, shows what it would do, and does it', async () => {
    serve({
      [COLUMNS]: { columns: ['who', 'what', 'n'], guessed: { customer: 'who', quantity: 'n' } },
      [TAKE]: view,
    });
    show(<OrderTablePage />);
    give();
    expect(await screen.findByLabelText('customer')).toHaveValue('who');
    expect(screen.getByLabelText('product')).toHaveValue('');
    fireEvent.change(screen.getByLabelText('product'), { target: { value: 'what' } });
    expect(screen.queryByRole('button', { name: /Take in/ })).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Look what it would do' }));
    const take = await screen.findByRole('button', { name: 'Take in 1 row' });
    const sent = vi.fn<(path: string) => void>();
    const answer = { ...view, applied: true };
    vi.stubGlobal('fetch', (path: string) => {
      sent(path);
      return Promise.resolve(new Response(JSON.stringify(answer)));
    });
    fireEvent.click(take);
    expect(await screen.findByText(/^Done: 1 new/)).toBeVisible();
    const params = new URL(sent.mock.calls[0]?.[0] ?? '', 'http://shop').searchParams;
    expect(params.get('apply')).toBe('true');
    expect(params.getAll('column').sort()).toEqual(['customer:who', 'product:what', 'quantity:n']);
  });

  it('takes nothing in while a row cannot be taken', async () => {
    const errors = [{ message: 'There is no product “Hat”.' }];
    serve({
      [COLUMNS]: { columns: ['who'], guessed: { customer: 'who' } },
      [TAKE]: { ...view, refused: 1, rows: [row, { ...row, number: 3, what: 'refused', errors }] },
    });
    show(<OrderTablePage />);
    give();
    fireEvent.click(await screen.findByRole('button', { name: 'Look what it would do' }));
    expect(await screen.findByText('There is no product “Hat”.')).toBeVisible();
    expect(screen.getByText(/1 that cannot be taken, so none would be/)).toBeVisible();
    expect(screen.queryByRole('button', { name: /Take in/ })).toBeNull();
  });

  it('asks which column is which where none was guessed', async () => {
    const asked = serve({ [COLUMNS]: { columns: ['a', 'b'], guessed: {} } });
    show(<OrderTablePage />);
    give();
    fireEvent.click(await screen.findByRole('button', { name: 'Look what it would do' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('Choose which is which.');
    expect(asked.map((a) => a.what)).toEqual([COLUMNS]);
  });

  it('says what is wrong with a file that is no table', async () => {
    serve({ [COLUMNS]: new Refusal(400, { code: 'csv.none', detail: 'That is no table.' }) });
    show(<OrderTablePage />);
    give();
    expect(await screen.findByRole('alert')).toHaveTextContent('That is no table.');
    expect(within(document.body).queryByText('Which column is which')).toBeNull();
  });
});
