import { fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { Refusal, serve, show } from '../test-shop';
import { OtherShop } from './OtherShop';

const root = document.createElement('div');

beforeEach(() => {
  root.id = 'root';
  document.body.append(root);
});

afterEach(() => {
  root.remove();
  root.removeAttribute('inert');
  vi.useRealTimers();
});

it('takes nothing from the press until the other shop is loaded', async () => {
  const assign = vi.fn();
  vi.stubGlobal('location', { ...window.location, href: 'http://shop/', assign });
  serve({ 'POST /api/other-shop': {}, 'GET /api/workshop': { demo: true } });
  show(<OtherShop />);
  fireEvent.click(screen.getByText('Look at the demo instead'));
  expect(await screen.findByText(/^Opening/)).toBeDisabled();
  expect(root).toHaveAttribute('inert');
  await waitFor(() => expect(assign).toHaveBeenCalledWith('/'));
  // What is typed now would be lost with the page.
  expect(root).toHaveAttribute('inert');
});

it('says that it did not come back, and takes again', async () => {
  vi.useFakeTimers({ shouldAdvanceTime: true });
  serve({ 'POST /api/other-shop': {}, 'GET /api/workshop': new Refusal(503, {}) });
  show(<OtherShop />);
  fireEvent.click(screen.getByText('Look at the demo instead'));
  await vi.advanceTimersByTimeAsync(301_000);
  vi.useRealTimers();
  expect(await screen.findByRole('alert')).toHaveTextContent('It did not come back.');
  expect(root).not.toHaveAttribute('inert');
});

it('says at once why it was refused', async () => {
  serve({ 'POST /api/other-shop': new Refusal(507, { code: 'x', detail: 'The disk is full.' }) });
  show(<OtherShop />);
  fireEvent.click(screen.getByText('Look at the demo instead'));
  expect(await screen.findByRole('alert')).toHaveTextContent('The disk is full.');
  expect(root).not.toHaveAttribute('inert');
});
