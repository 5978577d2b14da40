/**
 * Asks before scripts of others run beside the shop, remembers what was said, and only then loads the frame they run in. Without a script
 * nothing of them is ever loaded.
 */
const SECONDS = String(180 * 86400);

/** Whether they may run: as was said of this very list, or as the market's law has it where nothing was. */
export function mayRun(bar: HTMLElement, cookies: string): boolean | null {
  const said = /(?:^|;\s*)scripts=(yes|no)\.([0-9a-f]+)/.exec(cookies);
  if (said && said[2] === bar.dataset.scripts) return said[1] === 'yes';
  return bar.dataset.rule === 'told' ? true : null;
}

function run(bar: HTMLElement): void {
  const frame = document.createElement('iframe');
  const sale = document.querySelector<HTMLElement>('[data-sale]');
  const about = new URLSearchParams({ country: bar.dataset.country ?? '', page: location.pathname });
  // A sale is told once, however often its page is looked at.
  if (sale && !sessionStorage.getItem('told ' + (sale.dataset.sale ?? ''))) {
    sessionStorage.setItem('told ' + (sale.dataset.sale ?? ''), '1');
    about.set('page', '/orders');
    about.set('sale', sale.dataset.sale ?? '');
    about.set('total', sale.dataset.total ?? '');
    about.set('currency', sale.dataset.currency ?? '');
  } else if (location.pathname.startsWith('/orders/')) {
    // The address of an order is its shopper's own.
    about.set('page', '/orders');
  }
  frame.setAttribute('sandbox', 'allow-scripts');
  frame.title = bar.getAttribute('aria-label') ?? '';
  frame.hidden = true;
  frame.src = '/runs-beside/frame?' + about.toString();
  document.body.append(frame);
}

const bar = document.querySelector<HTMLElement>('[data-scripts]');
if (bar) {
  const may = mayRun(bar, document.cookie);
  if (may === true) run(bar);
  if (may === null) bar.hidden = false;
  bar.querySelector('form')?.addEventListener('submit', (e) => {
    e.preventDefault();
    const yes = e.submitter?.getAttribute('value') === 'yes';
    const secure = location.protocol === 'https:' ? '; secure' : '';
    const said = `${yes ? 'yes' : 'no'}.${bar.dataset.scripts ?? ''}`;
    document.cookie = `scripts=${said}; path=/; max-age=${SECONDS}; samesite=lax${secure}`;
    bar.hidden = true;
    if (yes) run(bar);
  });
}
