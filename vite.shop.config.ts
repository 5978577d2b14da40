import { defineConfig } from 'vite';

/** The shoppers' pages: one stylesheet, one small script, the typefaces of the starter looks. */
export default defineConfig({
  base: '/shop-assets/',
  publicDir: false,
  build: {
    outDir: 'public/shop-assets',
    emptyOutDir: true,
    manifest: 'manifest.json',
    assetsInlineLimit: 0,
    rollupOptions: { input: ['resources/shop/shop.css', 'resources/shop/islands/shop.ts'] },
  },
});
