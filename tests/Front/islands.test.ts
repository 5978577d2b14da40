import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

/** Comforts of the shop's pages, on the markup that its templates give. */
const begin = async (html: string, island: () => Promise<unknown>) => {
  vi.resetModules();
  document.body.innerHTML = html;
  await island();
};
// eslint-disable-next-line @typescript-eslint/no-unnecessary-type-parameters -- what stands there is known to whoever asks
const at = <E extends Element = HTMLElement>(css: string) => {
  const node = document.querySelector(css);
  if (!node) throw new Error(`No ${css}`);
  return node as E;
};
const settle = async () => {
  for (let n = 0; n < 8; n++) await Promise.resolve();
  await new Promise((done) => setTimeout(done, 0));
};

/** Listeners a page hangs on the document and the window would outlive it here. */
let heard: [EventTarget, string, EventListenerOrEventListenerObject][] = [];
beforeEach(() => {
  for (const target of [document, window]) {
    const add = target.addEventListener.bind(target) as EventTarget['addEventListener'];
    vi.spyOn(target as EventTarget, 'addEventListener').mockImplementation((type, does, how) => {
      if (does) heard.push([target, type, does]);
      add(type, does, how);
    });
  }
  // Nothing is left of a page that is gone to.
  window.addEventListener('click', (e) => {
    followed = !e.defaultPrevented;
    e.preventDefault();
  });
});
let followed = false;
afterEach(() => {
  for (const [target, type, does] of heard) target.removeEventListener(type, does);
  heard = [];
  document.cookie = 'basket_count=; max-age=0';
});

describe('the page of one of the goods', () => {
  const CHOICES = [
    {
      options: ['Steel', 'Small'],
      price: '£12.00',
      was: '£15.00',
      lowest: 'Lowest price: £11.00',
      rungs: [
        { total: '£12.00', each: '', saves: '' },
        { total: '£33.00', each: '£11.00 each', saves: 'saves £3.00' },
      ],
      stock: '4 in stock',
      days: '3 to 5 days',
      buyable: true,
      picture: 1,
      arrival: 0,
    },
    {
      options: ['Steel', 'Large'],
      price: '£14.00',
      was: '',
      lowest: '',
      rungs: [],
      stock: 'Sold out',
      days: '3 to 5 days',
      buyable: false,
      picture: null,
      arrival: null,
    },
    {
      options: ['Copper', 'Large'],
      price: '£20.00',
      was: '',
      lowest: '',
      rungs: [],
      stock: '1 in stock',
      days: '',
      buyable: true,
      picture: null,
      arrival: null,
    },
  ];
  const radio = (n: number, value: string, checked = false) =>
    `<label class="pill"><input type="radio" name="o${String(n)}" data-option="${String(n)}" value="${value}" ${
      checked ? 'checked' : ''
    }></label>`;
  const rung = (pieces: number, n: number, checked = false) =>
    `<label class="rung"><input type="radio" name="quantity" value="${String(pieces)}" data-rung="${String(n)}" ${
      checked ? 'checked' : ''
    }><b>${String(pieces)} pieces</b><i data-rung-total></i><i data-rung-each></i><i data-rung-saves></i></label>`;
  const day = new Date().toISOString().slice(0, 10);
  const ARRIVALS = [
    {
      until: null,
      zone: 'UTC',
      on: {
        [day]: [
          ['Wed 2 Dec', 'Mon 7 to Wed 9 Dec'],
          ['', ''],
        ],
      },
    },
  ];
  const PAGE = `
    <span data-basket-count hidden></span>
    <article data-product data-put="Put in basket" data-not-so="Not offered like this" data-another="Choose another">
      <script type="application/json" data-choices>${JSON.stringify(CHOICES)}</script>
      <div class="gallery"></div>
      ${radio(0, 'Steel', true)}${radio(0, 'Copper')}${radio(1, 'Small', true)}${radio(1, 'Large')}
      <b data-price></b><s data-was hidden></s><i data-lowest hidden></i>
      ${rung(1, 0, true)}${rung(3, 1)}<b data-reach></b><i data-reach-pieces></i>
      <ol data-journey data-waits><li data-posted>–</li><li data-there>–</li></ol>
      <script type="application/json" data-arrivals>${JSON.stringify(ARRIVALS)}</script>
      <p data-stock></p><p data-days></p><p data-days></p><button data-buy></button>
    </article>`;
  const choose = (value: string) => {
    at<HTMLInputElement>(`[value="${value}"]`).checked = true;
    at(`[value="${value}"]`).dispatchEvent(new Event('change'));
  };
  const island = () => import('../../resources/shop/islands/shop');
  beforeEach(() => {
    Element.prototype.scrollTo = vi.fn();
  });

  it('shows the price, what it was, rungs, stock and days of what is chosen', async () => {
    await begin(PAGE, island);
    expect(at('[data-price]').textContent).toBe('£12.00');
    expect([at('[data-was]').textContent, at('[data-was]').hidden]).toEqual(['£15.00', false]);
    expect(at('[data-lowest]').textContent).toBe('Lowest price: £11.00');
    expect([...document.querySelectorAll('[data-rung-total]')].map((d) => d.textContent)).toEqual(['£12.00', '£33.00']);
    expect([...document.querySelectorAll('[data-days]')].map((d) => d.textContent)).toEqual([
      '3 to 5 days',
      '3 to 5 days',
    ]);
    expect(at<HTMLButtonElement>('[data-buy]').disabled).toBe(false);
  });

  it('says what the chosen rung comes to beside the button, and by which day what is paid today is there', async () => {
    await begin(PAGE, island);
    expect([at('[data-reach]').textContent, at('[data-reach-pieces]').textContent]).toEqual(['£12.00', '1 pieces']);
    at<HTMLInputElement>('[data-rung="1"]').checked = true;
    at('[data-rung="1"]').dispatchEvent(new Event('change'));
    expect([at('[data-reach]').textContent, at('[data-reach-pieces]').textContent]).toEqual(['£33.00', '3 pieces']);
    expect([at('[data-posted]').textContent, at('[data-there]').textContent]).toEqual([
      'Wed 2 Dec',
      'Mon 7 to Wed 9 Dec',
    ]);
    expect(at('[data-journey]').hasAttribute('data-waits')).toBe(false);
  });

  it('lets nothing be bought that is sold out or not offered, and says so', async () => {
    await begin(PAGE, island);
    choose('Large');
    expect([at('[data-buy]').textContent, at<HTMLButtonElement>('[data-buy]').disabled]).toEqual(['Sold out', true]);
    expect([at('[data-was]').hidden, at('[data-days]').textContent, at('[data-rung-total]').textContent]).toEqual([
      true,
      '',
      '',
    ]);
    expect(at('[data-journey]').hidden).toBe(true);
    choose('Small');
    choose('Copper');
    expect([at('[data-stock]').textContent, at('[data-price]').textContent]).toEqual(['Not offered like this', '']);
    expect(at('[data-buy]').textContent).toBe('Choose another');
  });

  it('strikes values through with which nothing can be bought as the others are chosen', async () => {
    await begin(PAGE, island);
    const gone = () => [...document.querySelectorAll<HTMLInputElement>('[data-gone] input')].map((i) => i.value).sort();
    expect(gone()).toEqual(['Copper', 'Large']);
    choose('Large');
    expect(gone()).toEqual(['Large', 'Steel']);
    choose('Copper');
    expect(gone()).toEqual(['Small', 'Steel']);
  });

  it('goes back to the first picture only where the choice has one', async () => {
    await begin(PAGE, island);
    const scrolls = vi.spyOn(at('.gallery'), 'scrollTo');
    choose('Copper');
    choose('Large');
    expect(scrolls).not.toHaveBeenCalled();
    choose('Steel');
    choose('Small');
    expect(scrolls).toHaveBeenCalledTimes(1);
  });

  it('counts the basket from its cookie, also when the page is come back to', async () => {
    document.cookie = 'basket_count=3';
    await begin(PAGE, island);
    expect([at('[data-basket-count]').textContent, at('[data-basket-count]').hidden]).toEqual(['3', false]);
    document.cookie = 'basket_count=0';
    window.dispatchEvent(new Event('pageshow'));
    expect(at('[data-basket-count]').hidden).toBe(true);
  });
});

describe('a shop with several markets', () => {
  const MARKETS = `<a class="skip" href="#main">To the goods</a><nav data-markets="GB">
    <b>United Kingdom, GBP</b>
    <a href="/ie" data-market="IE" data-offer="See prices for Ireland, EUR" data-stay="Stay here">Ireland, EUR</a>
    <a href="/nl" data-market="NL">Netherlands, EUR</a></nav>`;
  const open = (languages: string[]) => {
    vi.spyOn(navigator, 'languages', 'get').mockReturnValue(languages);
    return begin(MARKETS, () => import('../../resources/shop/islands/shop'));
  };
  const offer = () => document.querySelector('.market-offer');
  beforeEach(() => localStorage.clear());
  afterEach(() => vi.restoreAllMocks());

  it('offers prices of the country that the browser names, once, and leads nobody there', async () => {
    await open(['ga', 'en-IE', 'nl-NL']);
    expect(offer()?.textContent).toContain('See prices for Ireland, EUR');
    expect(at<HTMLAnchorElement>('.market-offer a').getAttribute('href')).toBe('/ie');
    at('.market-offer button').click();
    expect(offer()).toBeNull();
    await open(['en-IE']);
    expect(offer()).toBeNull();
  });

  it('offers a language that the shop speaks, in the reader’s country before another', async () => {
    const spoken = MARKETS.replace(
      '</nav>',
      '<a href="/gb-de" data-market="GB" lang="de">UK, Deutsch</a><a href="/de" data-market="DE" lang="de">DE</a></nav>',
    );
    for (const [languages, to] of [
      [['de-DE', 'en'], '/de'],
      [['de-GB'], '/gb-de'],
      [['de'], '/gb-de'],
      [['fr-FR', 'de-DE'], '/de'],
    ] as const) {
      vi.spyOn(navigator, 'languages', 'get').mockReturnValue(languages);
      await begin(spoken, () => import('../../resources/shop/islands/shop'));
      expect(at<HTMLAnchorElement>('.market-offer a').getAttribute('href')).toBe(to);
    }
  });

  it('keeps the language of the page that was read last, where there are several', async () => {
    document.documentElement.lang = 'de';
    await open(['en']);
    expect(document.cookie).not.toContain('language=');
    document.documentElement.dataset.speaks = '';
    await open(['en']);
    expect(document.cookie).toContain('language=de');
    delete document.documentElement.dataset.speaks;
    document.documentElement.lang = '';
    document.cookie = 'language=; max-age=0';
  });

  it('offers nothing to whoever is at home, or where no market is named', async () => {
    for (const languages of [['en-GB', 'en-IE'], ['en'], ['fr-FR']]) {
      await open(languages);
      expect(offer()).toBeNull();
    }
  });

  it('takes a choice of market for settled', async () => {
    await open(['en-GB']);
    at('[data-market=NL]').click();
    await open(['en-IE']);
    expect(offer()).toBeNull();
  });
});

describe('a basket', () => {
  const line = (id: string, quantity: string) => `
    <li><form action="/basket/${id}" method="post"><input id="q${id}" name="quantity" type="number" min="1" max="99"
      value="${quantity}"><input type="hidden" name="seen" value="1200 3 days"><button data-change>Change</button>
      <button name="remove" value="1">Take out</button></form></li>`;
  const basket = (first: string, total: string) => `
    <b data-basket-count></b>
    <div data-basket><ul>${line('1', first)}${line('2', '1')}</ul><dd data-total>${total}</dd></div>
    <p role="status" data-said="Total %s"></p>`;
  const island = () => import('../../resources/shop/islands/shop');
  const say = (id: string, quantity: string) => {
    at<HTMLInputElement>(`#q${id}`).value = quantity;
    at(`#q${id}`).dispatchEvent(new Event('change', { bubbles: true }));
  };

  it('counts a changed number at once, keeps the focus and says the total', async () => {
    const asked = vi.fn((_: string, sent: RequestInit) => {
      return Promise.resolve(new Response(basket((sent.body as URLSearchParams).get('quantity') ?? '', '£24.00')));
    });
    vi.stubGlobal('fetch', asked);
    await begin(basket('1', '£12.00'), island);
    expect(at('[data-change]').hidden).toBe(true);
    at('#q2').focus();
    say('1', '2');
    await vi.waitFor(() => {
      expect(at('[data-said]').textContent).toBe('Total £24.00');
    });
    expect(asked.mock.calls.map(([url, sent]) => [url, (sent.body as URLSearchParams).toString()])).toEqual([
      [`${location.origin}/basket/1`, 'quantity=2&seen=1200+3+days'],
    ]);
    expect([at<HTMLInputElement>('#q1').value, document.activeElement?.id]).toEqual(['2', 'q2']);
    expect(at('[data-change]').hidden).toBe(true);
  });

  it('sends one change after the other, and none that is no number of pieces', async () => {
    const answers: ((answer: Response) => void)[] = [];
    const asked = vi.fn(() => new Promise<Response>((answer) => answers.push(answer)));
    vi.stubGlobal('fetch', asked);
    await begin(basket('1', '£12.00'), island);
    say('1', '100');
    say('1', '');
    say('1', '2');
    say('2', '3');
    await vi.waitFor(() => {
      expect(asked).toHaveBeenCalledTimes(1);
    });
    answers[0]?.(new Response(basket('2', '£24.00')));
    await vi.waitFor(() => {
      expect(asked).toHaveBeenCalledTimes(2);
    });
    expect(at<HTMLInputElement>('#q2').value, 'what was typed meanwhile stays').toBe('3');
  });

  it('goes on as without script where the shop doesn’t answer', async () => {
    vi.stubGlobal(
      'fetch',
      vi.fn(() => Promise.reject(new TypeError('away'))),
    );
    const submitted = vi.spyOn(HTMLFormElement.prototype, 'submit').mockImplementation(() => undefined);
    await begin(basket('1', '£12.00'), island);
    say('1', '2');
    await vi.waitFor(() => {
      expect(submitted).toHaveBeenCalledTimes(1);
    });
  });
});

describe('a checkout', () => {
  const form = (country: string, total: string) => `
    <div data-checkout><form class="address" action="/checkout" method="post">
      <input id="name" name="name">
      <input id="card" type="radio" name="pay" value="card" checked><input id="transfer" type="radio" name="pay"
        value="transfer"><input type="hidden" name="total" value="${total}">
      <select id="country" name="country" data-where><option value="GB">United Kingdom</option>
        <option value="IE"${country === 'IE' ? ' selected' : ''}>Ireland</option></select>
      <button name="look" value="1" data-look>Show</button><dd data-total>${total}</dd></form></div>
    <p role="status" data-said="Total %s"></p>`;

  it('shows what another country costs at once, and keeps what is typed meanwhile', async () => {
    let answer: (answer: Response) => void = () => undefined;
    const asked = vi.fn<(url: string, sent: RequestInit) => Promise<Response>>(
      () => new Promise((given) => (answer = given)),
    );
    vi.stubGlobal('fetch', asked);
    await begin(form('GB', '£18.90'), () => import('../../resources/shop/islands/shop'));
    expect(at('[data-look]').hidden, 'nothing has to be pressed').toBe(true);
    at<HTMLInputElement>('#name').value = 'Or';
    at<HTMLSelectElement>('#country').value = 'IE';
    at('#country').dispatchEvent(new Event('change', { bubbles: true }));
    await vi.waitFor(() => {
      expect(asked).toHaveBeenCalledTimes(1);
    });
    const sent = Object.fromEntries(asked.mock.calls[0]?.[1].body as URLSearchParams);
    expect(sent).toMatchObject({ country: 'IE', name: 'Or', look: '1' });
    at<HTMLInputElement>('#name').value = 'Orla';
    at<HTMLInputElement>('#transfer').checked = true;
    at('#name').focus();
    answer(new Response(form('IE', '£21.90')));
    await vi.waitFor(() => {
      expect(at('[data-said]').textContent).toBe('Total £21.90');
    });
    expect([at<HTMLInputElement>('#name').value, document.activeElement?.id]).toEqual(['Orla', 'name']);
    expect(at<HTMLInputElement>('[name=total]').value).toBe('£21.90');
    expect(at<HTMLInputElement>('#transfer').checked, 'the way to pay that was chosen meanwhile').toBe(true);
  });
});

describe('a list of goods', () => {
  const LIST = (count: string) => `
    <div data-list><h1 tabindex="-1">${count}</h1>
      <form data-sift action="/shelves/tools">
        <details class="facet"><summary>Colour</summary>
          <input type="checkbox" name="is[]" value="Colour: Red"></details>
        <input name="from" value=""><button>Show</button>
      </form>
      <p class="taken"><a href="${location.origin}/shelves/tools">Red, drop it</a></p>
      <nav class="turns"><a rel="next" href="${location.origin}/shelves/tools?page=2">Next</a></nav>
    </div>`;
  const island = () => import('../../resources/shop/islands/list');
  const answers = (html: string) => {
    const asked: string[] = [];
    vi.stubGlobal('fetch', (url: string) => {
      asked.push(url);
      return Promise.resolve(new Response(`<title>Tools, red</title><body>${html}</body>`));
    });
    return asked;
  };
  beforeEach(() => {
    Element.prototype.scrollIntoView = vi.fn();
    history.replaceState({}, '', '/shelves/tools');
  });

  it('narrows in place, with an address one can give to somebody', async () => {
    const asked = answers(LIST('1 thing'));
    await begin(LIST('2 things'), island);
    at<HTMLDetailsElement>('details').open = true;
    at<HTMLInputElement>('[type=checkbox]').checked = true;
    at('[type=checkbox]').dispatchEvent(new Event('change', { bubbles: true }));
    await settle();
    expect(asked).toEqual(['/shelves/tools?is%5B%5D=Colour%3A+Red']);
    expect(at('h1').textContent).toBe('1 thing');
    expect(location.search).toBe('?is%5B%5D=Colour%3A+Red');
    expect(document.title).toBe('Tools, red');
    expect(at<HTMLDetailsElement>('details').open, 'what was opened stays so').toBe(true);
  });

  it('leaves out fields that say nothing', async () => {
    const asked = answers(LIST('2 things'));
    await begin(LIST('2 things'), island);
    at<HTMLFormElement>('form').dispatchEvent(new Event('submit', { bubbles: true, cancelable: true }));
    await settle();
    expect(asked).toEqual(['/shelves/tools']);
  });

  it('drops and turns in place, and lets a new tab be a new tab', async () => {
    const asked = answers(LIST('24 more'));
    await begin(LIST('48 things'), island);
    const click = (css: string, how: MouseEventInit = {}) =>
      at(css).dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true, ...how }));
    click('.turns a', { ctrlKey: true });
    expect(followed, 'left to the browser').toBe(true);
    click('.turns a');
    expect(followed).toBe(false);
    await settle();
    expect(document.activeElement).toBe(at('h1'));
    click('.taken a');
    await settle();
    expect(asked).toEqual([`${location.origin}/shelves/tools?page=2`, `${location.origin}/shelves/tools`]);
  });

  it('closes what lies open by Escape or a click elsewhere', async () => {
    answers(LIST('2 things'));
    await begin(LIST('2 things'), island);
    const facet = at<HTMLDetailsElement>('details');
    facet.open = true;
    document.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }));
    expect([facet.open, document.activeElement]).toEqual([false, at('summary')]);
    facet.open = true;
    at('summary').dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true }));
    at('h1').dispatchEvent(new MouseEvent('click', { bubbles: true }));
    expect(facet.open).toBe(false);
  });

  it('shows what was before when one goes back', async () => {
    const asked = answers(LIST('2 things'));
    await begin(LIST('1 thing'), island);
    history.replaceState({}, '', '/shelves/tools?from=3');
    window.dispatchEvent(new PopStateEvent('popstate'));
    await settle();
    expect(asked[0]).toContain('/shelves/tools?from=3');
    expect(at('h1').textContent).toBe('2 things');
  });
});

describe('suggestions while one types', () => {
  const FORM =
    '<form class="search" data-suggested="What you may mean" data-shelf="a shelf"><input type="search" id="q"></form><p>Elsewhere</p>';
  const island = () => import('../../resources/shop/islands/search');
  const SAID = {
    shelves: [{ words: 'Tools', url: '/shelves/tools' }],
    goods: [
      { words: 'Trowel <b>', url: '/goods/trowel', price: '£9', picture: '/media/t.webp' },
      { words: 'Trug', url: '/goods/trug', price: '', picture: '' },
    ],
  };
  const asking = (json: unknown = SAID, status = 200) => {
    const asked: string[] = [];
    vi.stubGlobal('fetch', (url: string) => {
      asked.push(url);
      return Promise.resolve(new Response(JSON.stringify(json), { status }));
    });
    return asked;
  };
  const type = async (text: string) => {
    at<HTMLInputElement>('#q').value = text;
    at('#q').dispatchEvent(new Event('input'));
    await vi.advanceTimersByTimeAsync(150);
  };
  const press = (key: string) => at('#q').dispatchEvent(new KeyboardEvent('keydown', { key, cancelable: true }));
  const options = () => [...document.querySelectorAll<HTMLAnchorElement>('[role=option]')];
  beforeEach(() => {
    vi.useFakeTimers();
  });
  afterEach(() => {
    vi.useRealTimers();
  });

  it('asks once typing rests, and shows shelves before goods, as text', async () => {
    const asked = asking();
    await begin(FORM, island);
    at<HTMLInputElement>('#q').value = 't';
    at('#q').dispatchEvent(new Event('input'));
    await type('tr & u');
    expect(asked).toEqual(['/search/suggest?q=tr%20%26%20u']);
    expect(options().map((o) => o.textContent)).toEqual(['Toolsa shelf', 'Trowel <b>£9', 'Trug']);
    expect(options()[1]?.querySelector('img')?.alt).toBe('');
    expect(at('#q').getAttribute('aria-expanded')).toBe('true');
  });

  it('asks nothing for a single letter, and shows nothing where nothing is meant', async () => {
    const asked = asking({ shelves: [], goods: [] });
    await begin(FORM, island);
    await type(' t ');
    expect(asked).toEqual([]);
    await type('tr');
    expect([asked.length, at('.suggested').hidden]).toEqual([1, true]);
  });

  it('is gone through by arrows, round and round, and opened by Enter', async () => {
    asking();
    await begin(FORM, island);
    await type('tr');
    press('ArrowUp');
    expect(options()[2]?.getAttribute('aria-selected')).toBe('true');
    press('ArrowDown');
    expect(options()[0]?.getAttribute('aria-selected')).toBe('true');
    expect(at('#q').getAttribute('aria-activedescendant')).toBe(options()[0]?.id);
    const opened = vi.spyOn(options()[0] as HTMLAnchorElement, 'click').mockImplementation(() => undefined);
    press('Enter');
    expect(opened).toHaveBeenCalled();
  });

  it('goes by Escape or a click elsewhere, and leaves Enter to the form then', async () => {
    asking();
    await begin(FORM, island);
    await type('tr');
    press('Escape');
    expect(at('.suggested').hidden).toBe(true);
    expect(press('Enter'), 'the form is sent').toBe(true);
    await type('tro');
    at('p').dispatchEvent(new MouseEvent('click', { bubbles: true }));
    expect(at('.suggested').hidden).toBe(true);
  });

  it('keeps still where the shop doesn’t answer', async () => {
    asking({}, 429);
    await begin(FORM, island);
    await type('tr');
    expect(at('.suggested').hidden).toBe(true);
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('offline')));
    await type('tro');
    expect(at('.suggested').hidden).toBe(true);
  });
});
