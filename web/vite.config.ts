import react from '@vitejs/plugin-react';
import { VitePWA } from 'vite-plugin-pwa';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';

/** Parts of Chakra that the interface draws with, and those that stand in them. */
const DRAWN_WITH = [
  ...['button', 'input', 'textarea', 'icon', 'spinner', 'checkmark'],
  ...['checkbox', 'dialog'],
];

/** Chakra's own colours that those parts are drawn in; the shop's are in theme/theme.ts. */
const DRAWN_IN = [
  ...['transparent', 'current', 'black', 'white', 'whiteAlpha', 'blackAlpha', 'gray', 'red'],
  ...['bg', 'fg', 'border'],
];

/** Chakra's theme lists all its parts and colours, a third of its script; the others are left out. */
const drawnWith: Plugin = {
  name: 'drawn-with',
  transform(code, id) {
    if (/@chakra-ui\/react\/dist\/esm\/theme\/(slot-)?recipes\.js$/.test(id)) {
      return code.replace(/^ {2}(\w+): \w+Recipe,?$/gm, (line, name: string) =>
        DRAWN_WITH.includes(name) ? line.replace(/,?$/, ',') : '',
      );
    }
    if (/@chakra-ui\/react\/dist\/esm\/theme\/(semantic-)?tokens\/colors\.js$/.test(id)) {
      return code.replace(/^ {2}(\w+): \{\n[^]*?^ {2}\},?$/gm, (lines, name: string) =>
        DRAWN_IN.includes(name) ? lines.replace(/,?$/, ',') : '',
      );
    }
    return undefined;
  },
};

/**
 * The compiler keeps what a page drew for as long as it stays the same, and makes its script larger.
 * What stands round every page is left as it is written: it is loaded first, and drawn seldom.
 */
const AS_WRITTEN = [/node_modules/, /src\/(frame|person|server|workshop)\//];

export default defineConfig({
  plugins: [
    react({ compiler: true, exclude: AS_WRITTEN }),
    drawnWith,
    // The shell and what a bench needs are kept on the device, so that a tablet that is reloaded
    // without network shows its pour again. Facts wait in a queue of their own.
    VitePWA({
      registerType: 'autoUpdate',
      injectRegister: 'script-defer',
      manifest: false,
      workbox: {
        globPatterns: ['**/*.{js,css,html,woff2}'],
        maximumFileSizeToCacheInBytes: 4_000_000,
        navigateFallbackDenylist: [/^\/api\//, /^\/actuator\//],
        cleanupOutdatedCaches: true,
        runtimeCaching: [
          {
            urlPattern: ({ url, request }) =>
              request.method === 'GET' &&
              /^\/api\/(pours\/open|workshop|moulds)$/.test(url.pathname),
            handler: 'NetworkFirst',
            options: {
              cacheName: 'bench',
              networkTimeoutSeconds: 4,
              expiration: { maxEntries: 60, maxAgeSeconds: 3 * 24 * 3_600 },
            },
          },
        ],
      },
    }),
  ],
  server: { proxy: { '/api': 'http://127.0.0.1:8080' } },
  build: { chunkSizeWarningLimit: 900 },
  test: {
    // What hangs is found all the same, and a busy machine takes its time.
    testTimeout: 60_000,
    hookTimeout: 60_000,
    projects: [
      // What draws nothing needs no page to stand in.
      {
        extends: true,
        test: { name: 'sums', include: ['src/**/*.test.ts'], environment: 'node', isolate: false },
      },
      {
        extends: true,
        test: {
          name: 'parts',
          include: ['src/**/*.test.tsx'],
          environment: 'jsdom',
          isolate: false,
          setupFiles: ['src/test-setup.ts'],
        },
      },
    ],
  },
});
