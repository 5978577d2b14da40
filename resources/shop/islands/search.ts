/** Suggestions with pictures while one types; without it the form leads to the page of what was found. */

interface Suggested {
  goods: { words: string; url: string; price: string; picture: string }[];
  shelves: { words: string; url: string }[];
}

/** Milliseconds that typing rests before it is asked. */
const REST = 140;

function link(url: string, words: string, picture: string, price: string): HTMLAnchorElement {
  const a = Object.assign(document.createElement('a'), { href: url });
  a.setAttribute('role', 'option');
  a.tabIndex = -1;
  if (picture) a.append(Object.assign(new Image(40, 40), { src: picture, alt: '' }));
  a.append(Object.assign(document.createElement('span'), { textContent: words }));
  if (price) a.append(Object.assign(document.createElement('small'), { textContent: price }));
  return a;
}

function suggest(form: HTMLFormElement): void {
  const field = form.querySelector<HTMLInputElement>('input[type="search"]');
  if (!field) return;
  const list = Object.assign(document.createElement('div'), {
    className: 'suggested',
    hidden: true,
    id: `${field.id}-list`,
  });
  list.setAttribute('role', 'listbox');
  list.setAttribute('aria-label', form.dataset.suggested ?? '');
  form.append(list);
  field.setAttribute('role', 'combobox');
  field.setAttribute('aria-autocomplete', 'list');
  field.setAttribute('aria-controls', list.id);
  field.setAttribute('aria-expanded', 'false');
  let timer = 0;
  let under: AbortController | null = null;
  let at = -1;
  const close = (): void => {
    list.hidden = true;
    at = -1;
    field.setAttribute('aria-expanded', 'false');
    field.removeAttribute('aria-activedescendant');
  };
  const hold = (n: number): void => {
    const options = [...list.querySelectorAll<HTMLElement>('[role="option"]')];
    at = options.length === 0 ? -1 : (n + options.length) % options.length;
    options.forEach((option, i) => option.setAttribute('aria-selected', String(i === at)));
    const held = options[at];
    if (held) field.setAttribute('aria-activedescendant', held.id);
  };
  const ask = async (): Promise<void> => {
    const typed = field.value.trim();
    under?.abort();
    if (typed.length < 2) {
      close();
      return;
    }
    under = new AbortController();
    const answer = await fetch(`${form.getAttribute('action') ?? '/search'}/suggest?q=${encodeURIComponent(typed)}`, {
      signal: under.signal,
    });
    if (!answer.ok) return;
    const said = (await answer.json()) as Suggested;
    const links = [
      ...said.shelves.map((s) => link(s.url, s.words, '', form.dataset.shelf ?? '')),
      ...said.goods.map((g) => link(g.url, g.words, g.picture, g.price)),
    ];
    links.forEach((a, n) => (a.id = `${list.id}-${String(n)}`));
    list.replaceChildren(...links);
    at = -1;
    list.hidden = links.length === 0;
    field.setAttribute('aria-expanded', String(links.length > 0));
  };
  field.addEventListener('input', () => {
    clearTimeout(timer);
    timer = window.setTimeout(() => void ask().catch(close), REST);
  });
  field.addEventListener('keydown', (e) => {
    if (list.hidden) return;
    if (e.key === 'ArrowDown' || e.key === 'ArrowUp') {
      e.preventDefault();
      hold(at + (e.key === 'ArrowDown' ? 1 : at < 0 ? 0 : -1));
    } else if (e.key === 'Escape') {
      e.preventDefault();
      close();
    } else if (e.key === 'Enter' && at >= 0) {
      e.preventDefault();
      list.querySelectorAll<HTMLAnchorElement>('[role="option"]')[at]?.click();
    }
  });
  document.addEventListener('click', (e) => {
    if (!(e.target instanceof Node && form.contains(e.target))) close();
  });
}

document.querySelectorAll<HTMLFormElement>('form.search').forEach(suggest);

export {};
