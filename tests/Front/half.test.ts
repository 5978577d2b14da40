import { afterEach, beforeEach, expect, it, vi } from 'vitest';

/** Which of two versions a browser shows: by a coin, and ever after the same. */
const load = async (trial: string) => {
  vi.resetModules();
  Object.defineProperty(document, 'currentScript', { value: { dataset: { trial } }, configurable: true });
  await import('../../resources/shop/islands/half');
  return document.documentElement.dataset.half ?? 'first';
};
const coin = (falls: number) =>
  vi.spyOn(crypto, 'getRandomValues').mockImplementation((array) => {
    (array as Uint8Array)[0] = falls;
    return array;
  });
beforeEach(() => {
  document.cookie = 'half=; max-age=0; path=/';
  delete document.documentElement.dataset.half;
});
afterEach(() => vi.restoreAllMocks());

it('goes by a coin', async () => {
  coin(6);
  expect([await load('17'), document.cookie]).toEqual(['first', 'half=17a']);
  document.cookie = 'half=; max-age=0; path=/';
  coin(7);
  expect([await load('17'), document.cookie]).toEqual(['second', 'half=17b']);
});

it('stays what it was, whatever the coin would say now', async () => {
  document.cookie = 'half=17b; path=/';
  const thrown = coin(6);
  expect(await load('17')).toBe('second');
  expect(thrown).not.toHaveBeenCalled();
});

it('is thrown anew for another trial, though its number ends alike', async () => {
  document.cookie = 'half=117b; path=/';
  coin(6);
  expect([await load('17'), document.cookie]).toEqual(['first', 'half=17a']);
});
