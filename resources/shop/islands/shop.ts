/**
 * Comforts on pages that work without them: the number of goods in the basket, and prices that follow the choice of
 * options.
 */

interface Rung {
  total: string;
  each: string;
  saves: string;
}

/** When goods paid on a day are posted and there: before the hour up to which orders are packed, and after it. */
interface Arrival {
  until: string | null;
  zone: string;
  on: Record<string, [string, string][]>;
}

interface Choice {
  options: string[];
  price: string;
  was: string;
  lowest: string;
  rungs: Rung[];
  stock: string;
  days: string;
  buyable: boolean;
  picture: number | null;
  arrival: number | null;
}

function showBasketCount(): void {
  const count = /(?:^|;\s*)basket_count=(\d+)/.exec(document.cookie)?.[1] ?? '0';
  for (const badge of document.querySelectorAll<HTMLElement>('[data-basket-count]')) {
    badge.textContent = count;
    badge.hidden = count === '0';
  }
}

function followChoices(product: HTMLElement): void {
  const choices = JSON.parse(product.querySelector('[data-choices]')?.textContent ?? '[]') as Choice[];
  const radios = [...product.querySelectorAll<HTMLInputElement>('[data-option]')];
  const chosen = (): string[] => {
    const values: string[] = [];
    for (const radio of radios) if (radio.checked) values[Number(radio.dataset.option)] = radio.value;
    return values;
  };
  const put = (name: string, text: string): void => {
    for (const place of product.querySelectorAll(`[data-${name}]`)) place.textContent = text;
  };
  const show = (moved: boolean): void => {
    const values = chosen();
    const choice = choices.find((c) => c.options.every((value, i) => value === values[i]));
    put('price', choice?.price ?? '');
    for (const name of ['was', 'lowest'] as const) {
      put(name, choice?.[name] ?? '');
      product.querySelector<HTMLElement>(`[data-${name}]`)?.toggleAttribute('hidden', !choice?.[name]);
    }
    showRungs(product, choice);
    showArrival(product, choice);
    put('stock', choice?.stock ?? product.dataset.notSo ?? '');
    put('days', choice?.buyable ? choice.days : '');
    const buy = product.querySelector<HTMLButtonElement>('[data-buy]');
    const straight = product.querySelector<HTMLButtonElement>('[data-straight]');
    if (straight) straight.disabled = !choice?.buyable;
    if (buy) {
      buy.disabled = !choice?.buyable;
      buy.textContent = (choice?.buyable ? product.dataset.put : (choice?.stock ?? product.dataset.another)) ?? '';
    }
    // A value is struck through when nothing with it, and with the other values as chosen, can be bought.
    for (const radio of radios) {
      const at = Number(radio.dataset.option);
      const possible = choices.some(
        (c) => c.buyable && c.options.every((value, i) => value === (i === at ? radio.value : values[i])),
      );
      radio.closest('.pill')?.toggleAttribute('data-gone', !possible);
    }
    // Which picture comes first is the stylesheet's; here one only goes back to it.
    if (moved && choice !== undefined && choice.picture !== null)
      product.querySelector('.gallery')?.scrollTo({ left: 0, behavior: 'smooth' });
  };
  for (const radio of radios)
    radio.addEventListener('change', () => {
      show(true);
    });
  for (const rung of product.querySelectorAll('[data-rung]'))
    rung.addEventListener('change', () => {
      show(false);
    });
  show(false);
}

/** What each rung comes to for what is chosen; beside the button stands what is on the chosen one. */
function showRungs(product: HTMLElement, choice: Choice | undefined): void {
  for (const input of product.querySelectorAll<HTMLInputElement>('[data-rung]')) {
    const rung = choice?.rungs[Number(input.dataset.rung)];
    const label = input.closest('.rung');
    for (const part of ['total', 'each', 'saves'] as const) {
      const place = label?.querySelector(`[data-rung-${part}]`);
      if (place) place.textContent = rung?.[part] ?? '';
    }
    if (!input.checked) continue;
    const [price, pieces] = [product.querySelector('[data-reach]'), product.querySelector('[data-reach-pieces]')];
    if (price && rung) price.textContent = rung.total;
    if (pieces) pieces.textContent = label?.querySelector('b')?.textContent ?? '';
  }
}

/** The page was made a while ago; today's days are among those it brought along. */
function showArrival(product: HTMLElement, choice: Choice | undefined): void {
  const all = JSON.parse(product.querySelector('[data-arrivals]')?.textContent ?? '[]') as Arrival[];
  const arrival = choice?.buyable && choice.arrival !== null ? all[choice.arrival] : undefined;
  const journey = product.querySelector<HTMLElement>('[data-journey]');
  if (!journey) return;
  // "2026-12-02, 14:05" in the clock of who packs it.
  const now = arrival
    ? new Intl.DateTimeFormat('sv-SE', { timeZone: arrival.zone, dateStyle: 'short', timeStyle: 'short' }).format()
    : '';
  const late = arrival?.until !== null && now.slice(11) >= (arrival?.until ?? '');
  const days = arrival?.on[now.slice(0, 10)]?.[late ? 1 : 0];
  journey.hidden = days === undefined;
  delete journey.dataset.waits;
  for (const [n, name] of ['posted', 'there'].entries()) {
    const place = journey.querySelector(`[data-${name}]`);
    if (place) place.textContent = days?.[n] ?? '–';
  }
}

/** A page is kept for days; what holds only at times is said while it does. */
function showTags(now: number): void {
  for (const tag of document.querySelectorAll<HTMLElement>('[data-spells]')) {
    const spells = JSON.parse(tag.dataset.spells ?? '[]') as [number, number][];
    tag.dataset.else ??= tag.textContent;
    const holds = spells.some(([from, until]) => from <= now && now < until);
    tag.textContent = (holds ? tag.dataset.tag : tag.dataset.else) ?? '';
    tag.hidden = tag.textContent === '';
  }
}

/** The two largest units of what is left, in the page's language: "2 days, 4 hours". */
function left(seconds: number): string {
  const steps: [Intl.NumberFormatOptions['unit'], number][] = [
    ['day', 86_400],
    ['hour', 3_600],
    ['minute', 60],
  ];
  const parts = steps.flatMap(([unit, long]) => {
    const n = Math.floor(seconds / long);
    seconds -= n * long;
    return n > 0
      ? [new Intl.NumberFormat(document.documentElement.lang, { style: 'unit', unit, unitDisplay: 'long' }).format(n)]
      : [];
  });
  return parts.slice(0, 2).join(', ');
}

function countDown(): void {
  for (const time of document.querySelectorAll<HTMLTimeElement>('[data-ends]')) {
    const seconds = Math.floor((Date.parse(time.dateTime) - Date.now()) / 1000);
    if (seconds < 60) time.hidden = true;
    else time.textContent = (time.dataset.left ?? '').replace('{time}', left(seconds));
  }
}

interface SeenGood {
  url: string;
  title: string;
  price: string;
  picture: string;
}

/** What was looked at lately is known to this browser only: it is kept here, and sent nowhere. */
function rememberGoods(product: HTMLElement): void {
  const MOST = 8;
  try {
    const now = JSON.parse(product.dataset.seen ?? '{}') as SeenGood;
    const kept = JSON.parse(localStorage.getItem('seen') ?? '[]') as SeenGood[];
    const others = kept.filter((good) => good.url !== now.url && good.url.startsWith('/'));
    const room = document.querySelector<HTMLElement>('[data-seen-lately]');
    room?.querySelector('ul')?.replaceChildren(...others.slice(0, 4).map(seenCard));
    if (room) room.hidden = others.length === 0;
    localStorage.setItem('seen', JSON.stringify([now, ...others].slice(0, MOST)));
  } catch {
    // A browser that keeps nothing has seen nothing.
  }
}

function seenCard(good: SeenGood): HTMLElement {
  const make = (tag: string, name: string, text = ''): HTMLElement =>
    Object.assign(document.createElement(tag), { className: name, textContent: text });
  const frame = make('span', 'frame');
  if (good.picture !== '')
    frame.append(
      Object.assign(document.createElement('img'), {
        src: good.picture,
        alt: '',
        loading: 'lazy',
        width: 400,
        height: 400,
      }),
    );
  const words = make('span', 'good-words');
  words.append(make('span', 'good-title', good.title), ' ', make('span', 'good-price', good.price));
  const link = Object.assign(document.createElement('a'), { href: good.url });
  link.append(frame, words);
  const item = make('li', 'good');
  item.append(link);
  return item;
}

function sayTotal(): void {
  const total = document.querySelector('[data-total]')?.textContent ?? '';
  const status = document.querySelector<HTMLElement>('[data-said]');
  if (status) status.textContent = total === '' ? '' : (status.dataset.said ?? '').replace('%s', total);
}

/** A changed number of pieces counts at once, one after the other; what it comes to is made by the server as ever. */
function followNumbers(): void {
  let turn = Promise.resolve();
  const withoutButtons = (): void => {
    for (const button of document.querySelectorAll<HTMLElement>('[data-basket] [data-change]')) button.hidden = true;
  };
  const change = async (form: HTMLFormElement, said: URLSearchParams): Promise<void> => {
    const answer = await fetch(form.action, { method: 'POST', body: said });
    const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
    const [here, now] = [document.querySelector('[data-basket]'), page.querySelector('[data-basket]')];
    if (here === null || now === null) throw new Error('That is no basket.');
    // Whoever has gone on to the next field meanwhile goes on there.
    const fields = (): HTMLElement[] => [...here.querySelectorAll<HTMLElement>('a, input, button')];
    const at = fields().findIndex((field) => field === document.activeElement);
    // So does what is typed and not sent yet.
    const typed = [...here.querySelectorAll('input')].filter((f) => f.value !== f.defaultValue && f.form !== form);
    here.replaceChildren(...now.childNodes);
    for (const { id, value } of typed) {
      const field = document.getElementById(id);
      if (field instanceof HTMLInputElement) field.value = value;
    }
    withoutButtons();
    fields()[at]?.focus();
    showBasketCount();
    sayTotal();
  };
  document.addEventListener('change', (e) => {
    const field = e.target;
    if (!(field instanceof HTMLInputElement) || field.name !== 'quantity' || !field.form || !field.validity.valid)
      return;
    if (field.value === '' || field.closest('[data-basket]') === null) return;
    const form = field.form;
    const seen = form.querySelector<HTMLInputElement>('[name=seen]')?.value ?? '';
    const said = new URLSearchParams({ quantity: field.value, seen });
    turn = turn
      .then(() => change(form, said))
      .catch(() => {
        // As without script.
        form.submit();
      });
  });
  withoutButtons();
}

type Field = HTMLInputElement | HTMLSelectElement;

function isTicked(field: Field): field is HTMLInputElement {
  return field instanceof HTMLInputElement && ['radio', 'checkbox'].includes(field.type);
}

/** Several radio buttons have one name. */
function nameOf(field: Field): string {
  return isTicked(field) ? `${field.name}=${field.value}` : field.name;
}

function saidIn(field: Field): string {
  return isTicked(field) ? String(field.checked) : field.value;
}

function say(field: Field, said: string): void {
  if (isTicked(field)) field.checked = said === String(true);
  else field.value = said;
}

/** Another country, postcode or way shows at once what it costs and when it comes; what is typed stays. */
function followWhere(): void {
  let turn = Promise.resolve();
  const withoutButton = (): void => {
    for (const button of document.querySelectorAll<HTMLElement>('[data-look]')) button.hidden = true;
  };
  const fields = (): Field[] => [
    ...document.querySelectorAll<Field>('[data-checkout] form.address :is(input:not([type=hidden]), select)'),
  ];
  const look = async (form: HTMLFormElement): Promise<void> => {
    const said = new URLSearchParams(
      [...new FormData(form)].flatMap(([name, value]) => (typeof value === 'string' ? [[name, value]] : [])),
    );
    const sent = new Map(fields().map((field) => [nameOf(field), saidIn(field)]));
    said.set('look', '1');
    const [answer, { Idiomorph }] = await Promise.all([
      fetch(form.action, { method: 'POST', body: said }),
      import('idiomorph'),
    ]);
    const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
    const [here, now] = [document.querySelector('[data-checkout]'), page.querySelector('[data-checkout]')];
    if (here === null || now === null) throw new Error('That is no checkout.');
    const at = document.activeElement?.id ?? '';
    const since = new Map(
      fields()
        .map((field): [string, string] => [nameOf(field), saidIn(field)])
        .filter(([name, said]) => said !== sent.get(name)),
    );
    // What stays is the same element as before: a button that is being pressed isn't taken from under the finger.
    void Idiomorph.morph(here, now.innerHTML, {
      morphStyle: 'innerHTML',
      callbacks: { beforeAttributeUpdated: (name: string) => name !== 'open' },
    });
    for (const field of fields()) say(field, since.get(nameOf(field)) ?? saidIn(field));
    withoutButton();
    if (at !== '') document.getElementById(at)?.focus({ preventScroll: true });
    sayTotal();
  };
  document.addEventListener('change', (e) => {
    const field = e.target;
    if (!(field instanceof HTMLInputElement || field instanceof HTMLSelectElement) || !field.form) return;
    if (field.dataset.elsewhere !== undefined) field.form.submit();
    if (field.dataset.where === undefined) return;
    const form = field.form;
    turn = turn
      .then(() => look(form.isConnected ? form : (document.querySelector('[data-checkout] form.address') ?? form)))
      .catch(() => undefined);
  });
  withoutButton();
}

/** Where a shop speaks several languages, pages that stand at one address for all are in that of the last one that was read. */
function keepLanguage(): void {
  const { lang, dataset } = document.documentElement;
  if (dataset.speaks === undefined) return;
  const secure = location.protocol === 'https:' ? '; secure' : '';
  document.cookie = `language=${lang}; path=/; max-age=${String(60 * 86_400)}; samesite=lax${secure}`;
}

/**
 * Where the browser's languages name a country that has prices of its own, or a language that the shop speaks, those are
 * offered once; nobody is led there.
 */
function offerMarket(): void {
  const nav = document.querySelector<HTMLElement>('[data-markets]');
  if (nav === null) return;
  const settled = (): boolean => {
    try {
      return localStorage.getItem('market') !== null;
    } catch {
      return true;
    }
  };
  const settle = (): void => {
    try {
      localStorage.setItem('market', 'chosen');
    } catch {
      // Then it is offered again.
    }
  };
  const others = [...nav.querySelectorAll<HTMLAnchorElement>('[data-market]')];
  for (const other of others) other.addEventListener('click', settle);
  // Their country first, in their language if it is there in that; then their language in this one.
  const here = { market: nav.dataset.markets, lang: document.documentElement.lang };
  const all = [here, ...others.map((other) => ({ market: other.dataset.market, lang: other.lang }))];
  const wanted = navigator.languages.map((language) => language.split('-'));
  const regions = wanted.map((parts) => parts[parts.length - 1]);
  const region = regions.find((code) => all.some(({ market }) => market === code)) ?? here.market;
  const there = all.filter(({ market }) => market === region);
  const language = wanted.map(([code]) => code).find((code) => there.some(({ lang }) => lang === code));
  const first = wanted[0]?.[0];
  const theirs =
    there.find(({ lang }) => lang === language) ?? all.find(({ lang }) => lang !== '' && lang === first) ?? there[0];
  const link = others.find((o) => theirs !== undefined && o.dataset.market === theirs.market && o.lang === theirs.lang);
  if (link === undefined || settled()) return;
  const offer = document.createElement('aside');
  offer.className = 'market-offer';
  offer.lang = link.lang;
  offer.setAttribute('aria-label', link.dataset.offer ?? '');
  const go = link.cloneNode(true) as HTMLAnchorElement;
  go.textContent = link.dataset.offer ?? '';
  go.addEventListener('click', settle);
  const stay = Object.assign(document.createElement('button'), {
    type: 'button',
    textContent: link.dataset.stay ?? '',
    lang: link.lang,
  });
  stay.addEventListener('click', () => {
    settle();
    offer.remove();
  });
  offer.append(go, ' ', stay);
  document.querySelector('.skip')?.after(offer);
}

/** Where there is script, the payment service's own fields come into the shop's page, in a frame from its origin. */
function payHere(): void {
  const form = document.querySelector<HTMLFormElement>('[data-checkout] form.address');
  form?.addEventListener('submit', () => {
    if (form.querySelector('[name=framed]') === null)
      form.append(Object.assign(document.createElement('input'), { type: 'hidden', name: 'framed', value: '1' }));
  });
}

showBasketCount();
showTags(Date.now() / 1000);
countDown();
setInterval(countDown, 60_000);
keepLanguage();
payHere();
offerMarket();
followNumbers();
followWhere();
window.addEventListener('pageshow', showBasketCount);
document.querySelectorAll<HTMLElement>('[data-product]').forEach((product) => {
  followChoices(product);
  rememberGoods(product);
});

export {};
