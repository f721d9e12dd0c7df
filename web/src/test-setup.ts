import '@testing-library/jest-dom/vitest';
import { cleanup } from '@testing-library/react';
import { afterEach, vi } from 'vitest';

// Outside a browser a path alone is no address.
const Anywhere = globalThis.Request;
globalThis.Request = class extends Anywhere {
  constructor(input: RequestInfo | URL, init?: RequestInit) {
    super(typeof input === 'string' ? new URL(input, 'http://shop') : input, init);
  }
};

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});
