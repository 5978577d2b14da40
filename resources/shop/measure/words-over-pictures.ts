/** Words that lie over a picture: their colour, and the least light and most light of what is under them. */
export interface WordsOverPicture {
  id: string;
  words: string;
  /** #rrggbb of the words. */
  colour: string;
  /** #rrggbb of the pixels under them, thinned out. */
  under: string[];
}

const SAMPLES = 24;

const hex = (r: number, g: number, b: number): string =>
  `#${[r, g, b].map((v) => Math.round(v).toString(16).padStart(2, '0')).join('')}`;

/** The part of a picture that a box on the page covers, as object-fit: cover shows it. */
function pixelsUnder(picture: HTMLImageElement, box: DOMRect): string[] {
  const frame = picture.getBoundingClientRect();
  const left = Math.max(box.left, frame.left);
  const right = Math.min(box.right, frame.right);
  const from = Math.max(box.top, frame.top);
  const to = Math.min(box.bottom, frame.bottom);
  if (right - left < 2 || to - from < 2 || !picture.complete || picture.naturalWidth === 0) return [];
  const scale = Math.max(frame.width / picture.naturalWidth, frame.height / picture.naturalHeight);
  const [atX, atY] = getComputedStyle(picture)
    .objectPosition.split(' ')
    .map((part) => parseFloat(part) / 100);
  const hidden = { x: picture.naturalWidth * scale - frame.width, y: picture.naturalHeight * scale - frame.height };
  const x = (left - frame.left + hidden.x * (atX ?? 0.5)) / scale;
  const y = (from - frame.top + hidden.y * (atY ?? 0.5)) / scale;
  const canvas = document.createElement('canvas');
  canvas.width = canvas.height = SAMPLES;
  const pen = canvas.getContext('2d', { willReadFrequently: true });
  if (!pen) return [];
  pen.drawImage(picture, x, y, (right - left) / scale, (to - from) / scale, 0, 0, SAMPLES, SAMPLES);
  const { data } = pen.getImageData(0, 0, SAMPLES, SAMPLES);
  const found = new Set<string>();
  for (let n = 0; n < data.length; n += 4 * 5) found.add(hex(data[n] ?? 0, data[n + 1] ?? 0, data[n + 2] ?? 0));
  return [...found];
}

/** The veil that lies between the picture and the words, as the section says it: how much black, 0 to 1. */
const veil = (section: Element): number => parseFloat(getComputedStyle(section).getPropertyValue('--veil')) || 0;

/** What carries words of its own, not only through what lies in it. */
const hasWords = (node: Element): boolean =>
  [...node.childNodes].some((child) => child.nodeType === Node.TEXT_NODE && (child.textContent ?? '').trim() !== '');

const crosses = (one: DOMRect, other: DOMRect): boolean =>
  one.left < other.right - 2 && one.right > other.left + 2 && one.top < other.bottom - 2 && one.bottom > other.top + 2;

/**
 * Whether something that can't be seen through lies between the words and the picture: then it is that they are read
 * on.
 */
function covered(words: HTMLElement, picture: HTMLImageElement): boolean {
  for (let node: HTMLElement | null = words; node && !node.contains(picture); node = node.parentElement) {
    if (channels(getComputedStyle(node).backgroundColor)[3] > 0.95) return true;
  }
  return false;
}

const drop = new OffscreenCanvas(1, 1).getContext('2d', { willReadFrequently: true });

/**
 * Red, green, blue of 0 to 255 and how opaque, 0 to 1: painted, as a colour can be said in many ways (oklab,
 * color-mix).
 */
function channels(colour: string): [number, number, number, number] {
  if (!drop) return [0, 0, 0, 1];
  drop.clearRect(0, 0, 1, 1);
  drop.fillStyle = colour;
  drop.fillRect(0, 0, 1, 1);
  const [r, g, b, alpha] = drop.getImageData(0, 0, 1, 1).data;
  return [r ?? 0, g ?? 0, b ?? 0, (alpha ?? 0) / 255];
}

function judged(section: HTMLElement, picture: HTMLImageElement, words: HTMLElement): WordsOverPicture | null {
  const range = document.createRange();
  range.selectNodeContents(words);
  const boxes = [...range.getClientRects()].filter((box) => crosses(box, picture.getBoundingClientRect()));
  if (boxes.length === 0 || covered(words, picture)) return null;
  const black = veil(section.querySelector('.hero') ?? section);
  const under = new Set(
    boxes
      .flatMap((box) => pixelsUnder(picture, box))
      .map((pixel) => {
        const [r, g, b] = [1, 3, 5].map((n) => parseInt(pixel.slice(n, n + 2), 16) * (1 - black));
        return hex(r ?? 0, g ?? 0, b ?? 0);
      }),
  );
  const [r, g, b] = channels(getComputedStyle(words).color);
  const colour = hex(r, g, b);
  return under.size === 0
    ? null
    : {
        id: section.dataset.section ?? '',
        words: words.innerText.slice(0, 60),
        colour,
        under: [...under].slice(0, 200),
      };
}

/** Every word on the page that lies over a picture: of its own section, or of one below it. */
export function wordsOverPictures(): WordsOverPicture[] {
  const seen = (node: HTMLElement): boolean =>
    node.getClientRects().length > 0 &&
    getComputedStyle(node).visibility === 'visible' &&
    getComputedStyle(node).opacity !== '0';
  const pictures = [...document.querySelectorAll<HTMLImageElement>('[data-section] picture img')].filter(seen);
  const found: WordsOverPicture[] = [];
  for (const section of document.querySelectorAll<HTMLElement>('[data-section]')) {
    const frame = section.getBoundingClientRect();
    const near = pictures.filter((picture) => crosses(picture.getBoundingClientRect(), frame));
    if (near.length === 0) continue;
    for (const words of section.querySelectorAll<HTMLElement>('h1, h2, h3, p, a, span, li, figcaption, b, strong')) {
      if (!hasWords(words) || !seen(words)) continue;
      for (const picture of near) {
        const over = judged(section, picture, words);
        if (over) found.push(over);
      }
    }
  }
  return found;
}
