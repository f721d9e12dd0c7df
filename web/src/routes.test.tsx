import { ChakraProvider } from '@chakra-ui/react';
import { act, render, screen } from '@testing-library/react';
import { Suspense } from 'react';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { describe, expect, it, vi } from 'vitest';
import { Broken } from './frame/Broken';
import { page } from './routes';
import { show } from './test-shop';
import { system } from './theme/theme';
import { fetched, later } from './kit/later';

const missing = () =>
  Promise.reject<never>(new TypeError('Failed to fetch dynamically imported module: /assets/a.js'));

describe('a part that is fetched when it is shown', () => {
  it('stands once it is there', async () => {
    const Part = later(() => Promise.resolve(({ word }: { word: string }) => <p>{word}</p>));
    show(
      <Suspense fallback={<p>coming</p>}>
        <Part word="here" />
      </Suspense>,
    );
    expect(screen.getByText('coming')).toBeVisible();
    expect(await screen.findByText('here')).toBeVisible();
  });

  it('says in words that it is not there, and no address', async () => {
    await expect(fetched(missing)).rejects.toThrow(/not reached/);
    vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const router = createMemoryRouter([
      { errorElement: <Broken />, children: [{ path: '/' }, page('/plan', missing)] },
    ]);
    render(
      <ChakraProvider value={system}>
        <RouterProvider router={router} />
      </ChakraProvider>,
    );
    await act(() => router.navigate('/plan'));
    expect(await screen.findByRole('button', { name: 'Try again' })).toBeVisible();
    expect(screen.getByText(/Is the network there/)).toBeVisible();
    expect(screen.queryByText(/assets/)).toBeNull();
  });
});
