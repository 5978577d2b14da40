/** Comforts on lists of goods that work without them: narrowing down stays in place, and shows at once. */
import { Idiomorph } from 'idiomorph';

let under: AbortController | null = null;

/** Puts what an address answers in the place of the list, without leaving the page. */
async function show(address: string, move: boolean): Promise<void> {
  const list = document.querySelector<HTMLElement>('[data-list]');
  under?.abort();
  under = new AbortController();
  list?.setAttribute('aria-busy', 'true');
  try {
    const answer = await fetch(address, { signal: under.signal });
    const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
    const next = page.querySelector('[data-list]');
    if (!list || !next) {
      location.assign(address);
      return;
    }
    void Idiomorph.morph(list, next, {
      morphStyle: 'outerHTML',
      callbacks: {
        // What somebody opened stays open.
        beforeAttributeUpdated: (name: string) => name !== 'open',
      },
    });
    document.title = page.title;
    if (move) history.pushState({ list: true }, '', address);
  } catch (error) {
    if (!(error instanceof DOMException && error.name === 'AbortError')) location.assign(address);
  }
}

function asked(form: HTMLFormElement): string {
  const said = new URLSearchParams();
  for (const [name, value] of new FormData(form))
    if (typeof value === 'string' && value.trim()) said.append(name, value);
  const query = said.toString();
  return (form.getAttribute('action') ?? '') + (query ? `?${query}` : '');
}

document.documentElement.classList.add('scripted');

document.addEventListener('change', (e) => {
  const form = e.target instanceof Element ? e.target.closest<HTMLFormElement>('[data-sift]') : null;
  if (form) void show(asked(form), true);
});

document.addEventListener('submit', (e) => {
  if (e.target instanceof HTMLFormElement && e.target.matches('[data-sift]')) {
    e.preventDefault();
    void show(asked(e.target), true);
  }
});

document.addEventListener('click', (e) => {
  const link =
    e.target instanceof Element ? e.target.closest<HTMLAnchorElement>('.taken a, .turns a, .nothing li a') : null;
  if (link && !e.ctrlKey && !e.metaKey && !e.shiftKey && e.button === 0) {
    e.preventDefault();
    void show(link.href, true).then(() => {
      const heading = document.querySelector<HTMLElement>('[data-list] h1');
      if (link.closest('.turns') || !link.isConnected) heading?.focus({ preventScroll: !link.rel });
      if (link.rel) heading?.scrollIntoView();
    });
  }
  // One at a time lies open.
  for (const open of document.querySelectorAll<HTMLDetailsElement>('.facet[open]'))
    if (!(e.target instanceof Node && open.contains(e.target))) open.open = false;
});

document.addEventListener('keydown', (e) => {
  const open = e.key === 'Escape' ? document.querySelector<HTMLDetailsElement>('.facet[open]') : null;
  if (open) {
    open.open = false;
    open.querySelector('summary')?.focus();
  }
});

addEventListener('popstate', () => void show(location.href, false));
