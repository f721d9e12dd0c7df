import { fireEvent, screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { Refusal, serve, show } from '../test-shop';
import { Gate } from './Gate';
import { PersonForm } from './PersonForm';

const nobody = { ownMachine: false, names: [] };
const tablet = {
  ownMachine: false,
  device: 'bench tablet',
  deviceKind: 'tablet',
  names: [{ id: 4, name: 'Tom Wren' }],
};

describe('the gate', () => {
  beforeEach(() => sessionStorage.clear());

  it('asks a stranger for a password, and offers to pair', async () => {
    serve({ 'GET /api/session': nobody });
    show(<Gate>the shop</Gate>);
    expect(await screen.findByLabelText('password')).toBeVisible();
    expect(screen.queryByText('the shop')).toBeNull();
    fireEvent.click(screen.getByText('Pair this device'));
    expect(screen.getByLabelText(/code from the owner/)).toBeVisible();
  });

  it('takes a name and a PIN on a paired tablet', async () => {
    const asked = serve({
      'GET /api/session': tablet,
      'POST /api/session': { ...tablet, role: 'maker', name: 'Tom Wren', personId: 4 },
    });
    show(<Gate>the shop</Gate>);
    fireEvent.click(await screen.findByRole('button', { name: 'Tom Wren' }));
    for (const digit of ['7', '3', '9', '1']) {
      fireEvent.click(screen.getByRole('button', { name: digit }));
    }
    // A keyboard types into it too, and takes back.
    fireEvent.keyDown(window, { key: '5' });
    fireEvent.keyDown(window, { key: 'Backspace' });
    expect(screen.getByLabelText('4 digits typed')).toBeVisible();
    fireEvent.click(screen.getByRole('button', { name: 'Go to work' }));
    await waitFor(() =>
      expect(asked.find((a) => a.what === 'POST /api/session')?.body).toEqual({
        personId: 4,
        pin: '7391',
      }),
    );
  });

  it('opens for whoever is here, and while the server cannot be asked', async () => {
    serve({ 'GET /api/session': { ...nobody, role: 'owner', ownMachine: true } });
    const { unmount } = show(<Gate>the shop</Gate>);
    expect(await screen.findByText('the shop')).toBeVisible();
    unmount();
    serve({ 'GET /api/session': new Refusal(503, { code: 'down' }) });
    show(<Gate>what the device keeps</Gate>);
    expect(await screen.findByText('what the device keeps')).toBeVisible();
  });
});

describe('a person', () => {
  it('is kept with the words of the refusal beside the form', async () => {
    serve({
      'POST /api/people': new Refusal(400, { code: 'x', detail: 'Choose another PIN.' }),
    });
    show(<PersonForm first={false} onDone={() => undefined} />);
    fireEvent.change(screen.getByLabelText('name'), { target: { value: 'Tom Wren' } });
    expect(screen.getByText(/Tom Wren will stand under every pour/)).toBeVisible();
    expect(screen.queryByLabelText(/^password/)).toBeNull();
    fireEvent.change(screen.getByLabelText(/^PIN/), { target: { value: '1234' } });
    fireEvent.click(screen.getByRole('button', { name: 'Add Tom Wren' }));
    expect(await screen.findByText('Choose another PIN.')).toBeVisible();
  });
});
