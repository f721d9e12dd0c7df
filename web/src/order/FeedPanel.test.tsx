import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { Refusal, serve, show } from '../test-shop';
import { FeedPanel } from './FeedPanel';

const FETCH = 'POST /api/shop-feed/fetched';
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

describe('the shop feed', () => {
  it('says of each message what became of it', async () => {
    const message = { order: 'F-1', orderId: 7, errors: [] };
    serve({
      [FETCH]: {
        messages: [
          { ...message, messageId: 'm1', outcome: 'placed' },
          { ...message, messageId: 'm2', outcome: 'repeated' },
          {
            messageId: 'm3',
            order: 'F-2',
            outcome: 'refused',
            errors: [{ message: 'There is no product “Hat”.' }],
          },
        ],
      },
    });
    show(<FeedPanel />);
    press('Fetch shop orders');
    expect(await screen.findByText('taken in')).toBeVisible();
    expect(screen.getByText('had come before, nothing done')).toBeVisible();
    expect(screen.getByText('cannot be taken There is no product “Hat”.')).toBeVisible();
    expect(screen.getAllByRole('link', { name: 'F-1' })).toHaveLength(2);
    expect(screen.queryByRole('link', { name: 'F-2' })).toBeNull();
  });

  it('says that nothing is new, and that it cannot be reached', async () => {
    serve({ [FETCH]: { messages: [] } });
    show(<FeedPanel />);
    press('Fetch shop orders');
    expect(await screen.findByText('The shop has nothing new.')).toBeVisible();
    serve({ [FETCH]: new Refusal(502, { code: 'feed.down', detail: 'The shop is away.' }) });
    press('Fetch shop orders');
    expect(await screen.findByText('The shop is away.')).toBeVisible();
  });

  it('ties what is free', async () => {
    const asked = serve({ 'POST /api/allotments': { pieces: 3 } });
    show(<FeedPanel />);
    press('Allot what is free');
    expect(await screen.findByText('3 pieces tied to lines, oldest first.')).toBeVisible();
    const acts = asked.filter((a) => !a.what.startsWith('GET '));
    expect(acts.map((a) => a.what)).toEqual(['POST /api/allotments']);
  });
});
