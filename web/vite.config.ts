import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react()],
  server: { proxy: { '/api': 'http://127.0.0.1:8080' } },
  build: { chunkSizeWarningLimit: 900 },
  test: {
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
