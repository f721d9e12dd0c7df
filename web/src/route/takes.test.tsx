import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { Refusal, serve, show } from '../test-shop';
import { TakeAlong } from './TakeAlong';
import { Takes } from './Takes';

describe('what a route takes', () => {
  it('is said step by step, and a step that takes nothing is not named', async () => {
    serve({
      'GET /api/products': [{ product: { id: 4, name: 'Drop' } }],
      'GET /api/materials': [{ material: { id: 9, name: 'Rod' } }],
    });
    show(
      <Takes
        kinds={[]}
        steps={[
          { step: 'pour' },
          {
            step: 'join',
            parts: [{ productId: 4, quantity: 6 }],
            mixKg: 0.3,
            materials: [{ materialId: 9, massKg: 0.05 }],
          },
        ]}
      />,
    );
    const said = await screen.findByText(/^Step 2, join, takes 6 Drops/);
    expect(said).toHaveTextContent('of mix');
    expect(await screen.findByText(/of Rod\.$/)).toBeVisible();
    expect(screen.queryByText(/^Step 1/)).toBeNull();
  });
});

describe('pieces on their way when their route changed', () => {
  it('are offered it, and those that cannot go by it are told', async () => {
    const asked = serve({
      'GET /api/products/7/route/pieces': { can: [1, 2], cannot: [3] },
      'POST /api/products/7/route/pieces': { pieces: 2 },
    });
    show(<TakeAlong productId={7} />);
    expect(await screen.findByText(/1 stand at a step it does not have/)).toBeVisible();
    fireEvent.click(screen.getByRole('button', { name: 'Take 2 pieces along' }));
    expect(await screen.findByText('2 pieces taken along to this route.')).toBeVisible();
    expect(asked.filter((a) => a.what.startsWith('POST'))).toHaveLength(1);
  });

  it('are nobody where none is on its way', async () => {
    serve({ 'GET /api/products/7/route/pieces': { can: [], cannot: [] } });
    show(<TakeAlong productId={7} />);
    expect(await screen.findByText(/nothing of it is on its way/)).toBeVisible();
  });

  it('stay where they are when it is refused', async () => {
    serve({
      'GET /api/products/7/route/pieces': { can: [1], cannot: [] },
      'POST /api/products/7/route/pieces': new Refusal(409, {
        code: 'state.changed',
        detail: 'Something changed meanwhile.',
      }),
    });
    show(<TakeAlong productId={7} />);
    fireEvent.click(await screen.findByRole('button', { name: 'Take 1 piece along' }));
    expect(await screen.findByText('Something changed meanwhile.')).toBeVisible();
  });
});
