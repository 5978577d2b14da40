import { wordsOverPictures, type WordsOverPicture } from './words-over-pictures';

/** What was measured on the rendered page, in CSS pixels; the rules that judge it are in core (PhoneAudit). */
export interface Measures {
  width: number;
  height: number;
  sections: { id: string; top: number; height: number }[];
  /** Tops of what can be bought, or leads to it: goods first to last. */
  goods: { id: string; top: number; height: number }[];
  /** Things to tap that are smaller than a fingertip. */
  taps: { id: string; words: string; width: number; height: number }[];
  /** Links that say something and lead nowhere. */
  dead: { id: string; words: string }[];
  pictures: { id: string; alt: boolean; bytes: number; says: boolean }[];
  overPictures: WordsOverPicture[];
  bytes: { page: number; pictures: number; typefaces: number; styles: number };
}

const FINGERTIP = 44;

const seen = (node: Element): boolean => node.getClientRects().length > 0;
const idOf = (node: Element): string => node.closest<HTMLElement>('[data-section]')?.dataset.section ?? '';
const all = <E extends Element>(css: string): E[] => [...document.querySelectorAll<E>(css)].filter(seen);
const top = (node: Element): number => Math.round(node.getBoundingClientRect().top + window.scrollY);

function bytes(): Measures['bytes'] {
  const sum = { page: 0, pictures: 0, typefaces: 0, styles: 0 };
  for (const entry of performance.getEntriesByType('resource') as PerformanceResourceTiming[]) {
    const size = entry.encodedBodySize;
    if (entry.name.includes('/media/')) sum.pictures += size;
    else if (entry.name.endsWith('.woff2')) sum.typefaces += size;
    else if (entry.name.endsWith('.css')) sum.styles += size;
  }
  const page = performance.getEntriesByType('navigation')[0] as PerformanceNavigationTiming | undefined;
  sum.page = page?.encodedBodySize ?? 0;
  return sum;
}

const bytesOf = (picture: HTMLImageElement): number => {
  const entry = performance.getEntriesByName(picture.currentSrc)[0] as PerformanceResourceTiming | undefined;
  return entry?.encodedBodySize ?? 0;
};

export function measure(): Measures {
  return {
    width: document.documentElement.clientWidth,
    height: Math.ceil(document.body.getBoundingClientRect().height),
    sections: all('[data-section]').map((node) => ({
      id: idOf(node),
      top: top(node),
      height: Math.round(node.getBoundingClientRect().height),
    })),
    goods: all('.good a, [data-buy]').map((node) => ({
      id: idOf(node),
      top: top(node),
      height: Math.round(node.getBoundingClientRect().height),
    })),
    taps: all<HTMLElement>('[data-section] a, [data-section] button, [data-section] summary')
      .map((node) => ({ node, box: node.getBoundingClientRect() }))
      // A link within a sentence is as high as the line (WCAG 2.2, 2.5.8, inline).
      .filter(
        ({ node, box }) =>
          Math.min(box.height, box.width) < FINGERTIP &&
          !node.closest('p:not(.ways)') &&
          !node.matches('[tabindex="-1"]'),
      )
      .map(({ node, box }) => ({
        id: idOf(node),
        words: node.innerText.trim().slice(0, 40),
        width: Math.round(box.width),
        height: Math.round(box.height),
      })),
    dead: all<HTMLAnchorElement>('[data-section] a')
      .filter((node) => (node.getAttribute('href') ?? '') === '' || node.innerText.trim() === '')
      .filter((node) => node.querySelector('img') === null)
      .map((node) => ({ id: idOf(node), words: node.innerText.trim().slice(0, 40) })),
    pictures: all<HTMLImageElement>('[data-section] img').map((node) => ({
      id: idOf(node),
      alt: node.alt !== '',
      bytes: bytesOf(node),
      // A picture within a link that has words says nothing of its own.
      says: (node.closest('a')?.innerText.trim() ?? '') === '',
    })),
    overPictures: wordsOverPictures(),
    bytes: bytes(),
  };
}
