import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { resolve } from 'node:path';
import { defineConfig } from 'vite';

/** The workshop. */
export default defineConfig({
  plugins: [laravel({ input: ['resources/js/app.tsx'], refresh: false }), react(), tailwindcss()],
  resolve: { alias: { '@': resolve(import.meta.dirname, 'resources/js') } },
});
