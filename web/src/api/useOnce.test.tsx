import { renderHook } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import { Problem, Unanswered } from './client';
import { useOnce } from './useOnce';

const lost = () => Promise.reject(new Unanswered('network', 'no answer'));

test('a press after a lost answer is the same act', async () => {
  const send = vi.fn((body: string, key: string) => Promise.resolve(`${body} ${key}`));
  const { result, rerender } = renderHook(() => useOnce(send));
  send.mockImplementationOnce(lost);
  await expect(result.current('two bags')).rejects.toThrow('no answer');
  rerender();
  await result.current('two bags');
  const [first, second] = send.mock.calls.map(([, key]) => key);
  expect(second).toBe(first);
  // It is done: the same again is another delivery.
  await result.current('two bags');
  expect(send.mock.calls[2]?.[1]).not.toBe(first);
});

test('another content, or one that was refused, is another act', async () => {
  const send = vi.fn((body: string, key: string) => Promise.resolve(`${body} ${key}`));
  const { result } = renderHook(() => useOnce(send));
  send.mockImplementationOnce(lost);
  await expect(result.current('two bags')).rejects.toThrow('no answer');
  send.mockImplementationOnce(() => Promise.reject(new Problem('refused', 'too many')));
  await expect(result.current('three bags')).rejects.toThrow('too many');
  await result.current('three bags');
  expect(new Set(send.mock.calls.map(([, key]) => key)).size).toBe(3);
});
