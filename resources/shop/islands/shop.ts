/**
 * Comforts on pages that work without them: the number of goods in the basket, and prices that follow the choice of
 * options.
 */

interface Choice {
  options: string[];
  price: string;
  was: string;
  lowest: string;
  rungs: string[];
  stock: string;
  days: string;
  buyable: boolean;
  picture: number | null;
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
    product
      .querySelector('[data-rungs]')
      ?.replaceChildren(
        ...(choice?.rungs ?? []).map((rung) => Object.assign(document.createElement('li'), { textContent: rung })),
      );
    put('stock', choice?.stock ?? 'Not offered like this');
    put('days', choice?.buyable ? choice.days : '');
    const buy = product.querySelector<HTMLButtonElement>('[data-buy]');
    if (buy) {
      buy.disabled = !choice?.buyable;
      buy.textContent = choice?.buyable ? 'Put in basket' : (choice?.stock ?? 'Choose another');
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
  show(false);
}

showBasketCount();
window.addEventListener('pageshow', showBasketCount);
document.querySelectorAll<HTMLElement>('[data-product]').forEach(followChoices);

export {};
