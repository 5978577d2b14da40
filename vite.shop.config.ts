import { readdirSync } from 'node:fs';
import { defineConfig } from 'vite';

const folder = (name: string, ending: string): string[] =>
  readdirSync(`resources/shop/${name}`)
    .filter((file) => file.endsWith(ending))
    .map((file) => `resources/shop/${name}/${file}`);

/** The shoppers' pages: one stylesheet, one for each way a page is built, small scripts. Typefaces: resources/shop/faces. */
export default defineConfig({
  base: '/shop-assets/',
  publicDir: false,
  build: {
    outDir: 'public/shop-assets',
    emptyOutDir: true,
    manifest: 'manifest.json',
    assetsInlineLimit: 0,
    rollupOptions: {
      input: [
        'resources/shop/shop.css',
        'resources/shop/galley.css',
        ...folder('builds', '.css'),
        ...folder('islands', '.ts'),
      ],
    },
  },
});
