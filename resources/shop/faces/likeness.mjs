// A face that shoppers' machines have, stretched and shifted until it takes the room of one of ours: what is read before
// ours has come stands where it will stand. Metrics by capsize (https://seek-oss.github.io/capsize/).
import { createFontStack } from '@capsizecss/core';
import arial from '@capsizecss/metrics/arial';
import courier from '@capsizecss/metrics/courierNew';
import notoSerif from '@capsizecss/metrics/notoSerif';
import roboto from '@capsizecss/metrics/roboto';
import times from '@capsizecss/metrics/timesNewRoman';
import { fromBuffer } from '@capsizecss/unpack';

/** Faces of machines, with the names under which others of the same metrics are installed. */
const SANS = [
  { metrics: arial, locals: ['Arial', 'Liberation Sans', 'Arimo'] },
  { metrics: roboto, locals: ['Roboto'] },
];
const SERIF = [
  { metrics: times, locals: ['Times New Roman', 'Liberation Serif', 'Tinos'] },
  { metrics: notoSerif, locals: ['Noto Serif'] },
];
const MONO = [{ metrics: courier, locals: ['Courier New', 'Liberation Mono', 'Cousine'] }];

const OTHERS = {
  literata: SERIF,
  newsreader: SERIF,
  'newsreader-italic': SERIF,
  fraunces: SERIF,
  bitter: SERIF,
  'hepta-slab': SERIF,
  'jetbrains-mono': MONO,
};

/**
 * @param {string} name  the cut's own name
 * @param {string} face
 * @param {Map<number, Buffer>} cuts  weight → the face at that weight, uncompressed
 * @returns {Promise<{css: string, families: string[]}>} rules, and what they are called, in the order to try them
 */
export async function likeness(name, face, cuts) {
  const others = OTHERS[face] ?? SANS;
  const families = others.map((_, n) => `${name}-like${n === 0 ? '' : n + 1}`);
  const rules = [];
  for (const [weight, bytes] of cuts) {
    const metrics = await fromBuffer(bytes);
    others.forEach((other, n) => {
      const { fontFaces } = createFontStack([metrics, other.metrics], { fontFaceFormat: 'styleObject' });
      const fitted = fontFaces[0]['@font-face'];
      rules.push(
        `@font-face{font-family:"${families[n]}";font-weight:${weight};` +
          `src:${other.locals.map((local) => `local("${local}")`).join(',')};` +
          `size-adjust:${fitted.sizeAdjust};ascent-override:${fitted.ascentOverride};` +
          `descent-override:${fitted.descentOverride};line-gap-override:${fitted.lineGapOverride ?? '0%'}}`,
      );
    });
  }
  return { css: rules.join(''), families };
}
