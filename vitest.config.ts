import { resolve } from 'node:path';
import { defineConfig } from 'vitest/config';

/** What the browser reckons by itself, tested without one: hooks and pure functions. */
export default defineConfig({
  resolve: { alias: { '@': resolve(import.meta.dirname, 'resources/js') } },
  test: {
    environment: 'jsdom',
    include: ['tests/Front/**/*.test.{ts,tsx}'],
    setupFiles: ['tests/Front/setup.ts'],
    restoreMocks: true,
    unstubGlobals: true,
  },
});
