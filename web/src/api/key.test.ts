import { afterEach, expect, test, vi } from 'vitest';
import { newKey } from './key';

afterEach(() => vi.unstubAllGlobals());

// RFC 9562, section 5.4: version 4 in the seventh byte, variant 10 in the ninth.
const VERSION_4 = /^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/;

test('a key is a random UUID, also where the browser has no maker of its own', () => {
  expect(newKey()).toMatch(VERSION_4);
  vi.stubGlobal('crypto', { getRandomValues: crypto.getRandomValues.bind(crypto) });
  const keys = Array.from({ length: 100 }, newKey);
  keys.forEach((key) => expect(key).toMatch(VERSION_4));
  expect(new Set(keys).size).toBe(100);
});
