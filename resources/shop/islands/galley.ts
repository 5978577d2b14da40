/**
 * The sheet's side of the galley: lays what the workshop sends, tells where everything stands, and lets words be typed where
 * they are read. Only in previews; shoppers never get it.
 */
import { Idiomorph } from 'idiomorph';
import { measure } from '../measure/measure';

interface Lay {
  galley: 'lay';
  places: Record<string, string[]>;
  html: Record<string, string>;
  css: string | null;
  sheet: string;
  classes: string;
}
interface Mark {
  galley: 'mark';
  id: string | null;
}
interface Words {
  galley: 'words';
  id: string;
  field: string;
  text: string;
}

const workshop = document.querySelector<HTMLScriptElement>('script[data-workshop]')?.dataset.workshop ?? '';
const tell = (message: Record<string, unknown>): void => {
  window.parent.postMessage(message, workshop);
};
const sectionOf = (node: EventTarget | null): HTMLElement | null =>
  node instanceof Element ? node.closest('[data-section]') : null;
const byId = (id: string): HTMLElement | null => document.querySelector(`[data-section="${CSS.escape(id)}"]`);

const placeOf = (place: string): Element | null =>
  place === 'main' ? document.querySelector('main') : document.querySelector(`[data-place="${place}"]`);

let asked = 0;
function tellMeasures(): void {
  cancelAnimationFrame(asked);
  asked = requestAnimationFrame(() => {
    tell({ galley: 'measured', measures: measure() });
  });
}

/** A section anew: what is the same stays as it is, and so does what somebody is typing in. */
function morph(old: HTMLElement, html: string): void {
  void Idiomorph.morph(old, html, {
    callbacks: { beforeNodeMorphed: (node: Node) => node !== document.activeElement },
  });
}

function lay({ places, html, css, sheet, classes }: Lay): void {
  const style = document.querySelector('style[data-look]');
  if (css !== null && style) style.textContent = css;
  const build = document.querySelector<HTMLLinkElement>('link[data-build]');
  if (build && !build.href.endsWith(sheet)) {
    build.href = sheet;
    // Only then does everything stand where it will.
    build.addEventListener('load', tellMeasures, { once: true });
  }
  document.body.className = `${classes} galley`;
  // A section may have moved from one place to another, so what is gone is gone from all of them.
  const wanted = new Set(Object.values(places).flat());
  for (const place of Object.keys(places)) {
    for (const section of placeOf(place)?.querySelectorAll<HTMLElement>(':scope > [data-section]') ?? []) {
      if (!wanted.has(section.dataset.section ?? '')) section.remove();
    }
  }
  for (const [place, ids] of Object.entries(places)) {
    const parent = placeOf(place);
    let before: Element | null = parent?.querySelector(':scope > [data-section]') ?? null;
    for (const id of ids) {
      const old = byId(id);
      if (old && html[id] !== undefined) morph(old, html[id]);
      const node = byId(id) ?? document.createRange().createContextualFragment(html[id] ?? '').firstElementChild;
      if (!node || !parent) continue;
      if (node === before) before = before.nextElementSibling;
      else parent.insertBefore(node, before);
    }
  }
  makeTypable();
  loadAll();
  tellMeasures();
  tell({ galley: 'laid' });
}

/** Every picture, not only those near: what the page weighs is told whole. */
function loadAll(): void {
  for (const picture of document.querySelectorAll<HTMLImageElement>('img[loading="lazy"]')) {
    picture.loading = 'eager';
    if (!picture.complete) picture.addEventListener('load', tellMeasures, { once: true });
  }
}

function makeTypable(): void {
  for (const node of document.querySelectorAll<HTMLElement>('[data-words]')) {
    if (node.isContentEditable) continue;
    node.contentEditable = 'plaintext-only';
    node.spellcheck = true;
  }
}

function mark(id: string | null): void {
  for (const section of document.querySelectorAll('[data-section]')) section.removeAttribute('data-inhand');
  if (id) byId(id)?.setAttribute('data-inhand', '');
}

window.addEventListener('message', (event: MessageEvent<Lay | Mark | Words>) => {
  if (event.origin !== workshop) return;
  const said = event.data;
  if (said.galley === 'lay') lay(said);
  if (said.galley === 'mark') mark(said.id);
  if (said.galley === 'words') {
    const node = byId(said.id)?.querySelector<HTMLElement>(`[data-words="${CSS.escape(said.field)}"]`);
    if (node && node !== document.activeElement) node.innerText = said.text;
    tellMeasures();
  }
});
document.addEventListener('click', (event) => {
  const link = event.target instanceof Element ? event.target.closest('a, button, summary') : null;
  if (link && link.tagName !== 'SUMMARY') event.preventDefault();
  const id = sectionOf(event.target)?.dataset.section;
  if (id) tell({ galley: 'chose', id });
});
document.addEventListener('submit', (event) => {
  event.preventDefault();
});
document.addEventListener('input', (event) => {
  const node = event.target instanceof HTMLElement ? event.target.closest<HTMLElement>('[data-words]') : null;
  const id = sectionOf(node)?.dataset.section;
  if (node && id)
    tell({ galley: 'typed', id, field: node.dataset.words, text: node.innerText.replace(/\u00a0/g, ' ').trimEnd() });
});
document.addEventListener('keydown', (event) => {
  const node = event.target instanceof HTMLElement ? event.target : null;
  // A line is a line; Enter has done with it.
  if (event.key === 'Enter' && node?.matches('h1, h2, p[data-words], span[data-words], a[data-words]')) {
    event.preventDefault();
    node.blur();
  }
  if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
    event.preventDefault();
    tell({ galley: event.shiftKey ? 'redo' : 'undo' });
  }
});
window.addEventListener('load', () => {
  loadAll();
  tellMeasures();
});
new ResizeObserver(tellMeasures).observe(document.body);
makeTypable();
tell({ galley: 'ready' });
