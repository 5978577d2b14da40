// Cuts the shipped typefaces down to what a shop's page needs: the letters of western Europe, one weight of a face for
// headings, regular to bold of a face for text. Which faces stand in which role comes from faces.json, which
// `php artisan types` writes from core. Other letters come from the second file of each face, loaded only where they stand.
import { createHash } from 'node:crypto';
import { mkdir, readFile, readdir, rm, writeFile } from 'node:fs/promises';
import { dirname, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import subsetFont from 'subset-font';
import { likeness } from './likeness.mjs';

const here = dirname(fileURLToPath(import.meta.url));
const root = resolve(here, '../../..');
const out = resolve(root, 'public/shop-assets/faces');
const type = resolve(root, 'public/shop-assets/type');

const range = (from, to) => Array.from({ length: to - from + 1 }, (_, n) => String.fromCodePoint(from + n)).join('');
const LETTERS = range(0x20, 0x7e) + range(0xa0, 0xff) + 'ŒœŸ–—‘’‚“”„•…′″‹›€™−×';

/** Where a face comes from, and what of it is fixed. */
const SOURCES = {
  'archivo-wide': { package: 'archivo', file: 'wdth-normal', pinned: { wdth: 120 } },
  'newsreader-italic': { package: 'newsreader', file: 'wght-italic' },
};

const source = async (face, script) => {
  const from = SOURCES[face] ?? { package: face, file: 'wght-normal' };
  const folder = `node_modules/@fontsource-variable/${from.package}/files`;
  return readFile(resolve(root, folder, `${from.package}-${script}-${from.file}.woff2`));
};

const keep = async (name, bytes) => {
  const hash = createHash('sha256').update(bytes).digest('hex').slice(0, 10);
  await writeFile(resolve(out, `${name}-${hash}.woff2`), bytes);
  return { file: `faces/${name}-${hash}.woff2`, bytes: bytes.length };
};

for (const folder of [out, type]) {
  await rm(folder, { recursive: true, force: true });
  await mkdir(folder, { recursive: true });
}
const roles = JSON.parse(await readFile(resolve(here, 'faces.json'), 'utf8'));
const made = {};
for (const [name, { face, weight }] of Object.entries(roles)) {
  const whole = await source(face, 'latin');
  const cut = (wght, targetFormat) =>
    subsetFont(whole, LETTERS, { targetFormat, variationAxes: { ...(SOURCES[face]?.pinned ?? {}), wght } });
  const span = Array.isArray(weight) ? { min: weight[0], max: weight[1] } : weight;
  const measured = new Map();
  for (const one of [weight].flat()) measured.set(one, await cut(one, 'sfnt'));
  made[name] = { ...(await keep(name, await cut(span, 'woff2'))), ...(await likeness(name, face, measured)) };
  // Words are printed in it, too, by programs that read no WOFF2 (app/Print/Artwork/Lettering).
  if (!Array.isArray(weight)) await writeFile(resolve(type, `${name}.ttf`), measured.get(weight));
}
for (const face of new Set(Object.values(roles).map((role) => role.face))) {
  // Not every face has letters beyond those.
  const more = await source(face, 'latin-ext').catch(() => null);
  if (more) made[`${face}-more`] = await keep(`${face}-more`, more);
}
await writeFile(resolve(out, 'manifest.json'), `${JSON.stringify(made, null, 2)}\n`);

// Styles and scripts lie compressed beside the plain ones, so that the web server needn't do it at each request.
const assets = resolve(root, 'public/shop-assets/assets');
for (const file of await readdir(assets)) {
  if (!/\.(css|js)$/.test(file)) continue;
  const plain = await readFile(resolve(assets, file));
  await writeFile(resolve(assets, `${file}.gz`), gzipSync(plain, { level: 9 }));
  await writeFile(resolve(assets, `${file}.br`), brotliCompressSync(plain));
}
