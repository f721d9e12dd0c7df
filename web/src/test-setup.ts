import '@testing-library/jest-dom/vitest';
import { cleanup, configure } from '@testing-library/react';
import { afterEach, vi } from 'vitest';
import { setByServer } from './kit/style/clock';

// Files run side by side on few cores: an answer may take a while, and is waited for.
configure({ asyncUtilTimeout: 15_000 });

// Outside a browser a path alone is no address.
const Anywhere = globalThis.Request;
globalThis.Request = class extends Anywhere {
  constructor(input: RequestInfo | URL, init?: RequestInit) {
    super(typeof input === 'string' ? new URL(input, 'http://shop') : input, init);
  }
};

// Nothing is ever resized there either.
globalThis.ResizeObserver = class {
  observe() {}
  unobserve() {}
  disconnect() {}
};

afterEach(() => {
  cleanup();
  // Files share what they load: the time that one test's server said is not the next one's.
  setByServer(new Date().toISOString());
  vi.unstubAllGlobals();
});
