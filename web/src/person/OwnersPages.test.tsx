import { render, screen } from '@testing-library/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { ChakraProvider } from '@chakra-ui/react';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { beforeEach, describe, expect, it } from 'vitest';
import { Link } from '../kit/Link';
import { serve } from '../test-shop';
import { system } from '../theme/theme';
import { ForOwners } from '../kit/ForOwners';
import { OwnersPages } from './OwnersPages';
import { isOwners } from './ownersPages';

const page = (
  <>
    <Link to="/orders/new?goods=3">Take an order</Link>
    <Link to={{ pathname: '/stock/use', search: '?by=day' }}>What was used</Link>
    <ForOwners>Accept it</ForOwners>
    <p>The page</p>
  </>
);

function come(role: string, path: string) {
  serve({ 'GET /api/session': { role, names: [] } });
  const routes = [{ Component: OwnersPages, children: [{ path: '*', element: page }] }];
  render(
    <ChakraProvider value={system}>
      <QueryClientProvider client={new QueryClient()}>
        <RouterProvider router={createMemoryRouter(routes, { initialEntries: [path] })} />
      </QueryClientProvider>
    </ChakraProvider>,
  );
}

describe('pages of owners', () => {
  beforeEach(() => sessionStorage.clear());

  it('are led to for owners', async () => {
    come('owner', '/orders');
    expect(await screen.findByRole('link', { name: 'Take an order' })).toBeVisible();
    expect(screen.getByText('Accept it')).toBeVisible();
  });

  it('are not led to for makers, who get all else', async () => {
    come('maker', '/orders');
    expect(await screen.findByText('The page')).toBeVisible();
    await expect.poll(() => screen.queryByRole('link', { name: 'Take an order' })).toBeNull();
    expect(screen.getByRole('link', { name: 'What was used' })).toBeVisible();
    expect(screen.queryByText('Accept it')).toBeNull();
  });

  it('say whose they are to a maker who comes by an old address', async () => {
    come('maker', '/orders/7/change');
    expect(await screen.findByText('This page is for the shop’s owner')).toBeVisible();
    expect(screen.queryByText('The page')).toBeNull();
  });

  it('do not take in their neighbours', () => {
    expect(
      ['/orders/7', '/products/3', '/moulds/2', '/plan/days/2027-03-05', '/'].some(isOwners),
    ).toBe(false);
    expect(['/products/new', '/products/new/mould', '/set-up/name'].every(isOwners)).toBe(true);
  });
});
