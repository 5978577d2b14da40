import { beforeEach, expect, it, vi } from 'vitest';

/** Scripts of others beside the shop: nothing is loaded before it may be. */
const open = async (rule: string, cookie: string) => {
  vi.resetModules();
  document.cookie = 'scripts=; max-age=0; path=/';
  if (cookie !== '') document.cookie = 'scripts=' + cookie + '; path=/';
  document.body.innerHTML = `<section data-scripts="0a1b" data-rule="${rule}" data-country="IE" aria-label="Beside" hidden>
    <form><button name="said" value="yes"></button><button name="said" value="no"></button></form></section>`;
  await import('../../resources/shop/islands/scripts');
  const bar = document.querySelector<HTMLElement>('[data-scripts]');
  return { asked: bar?.hidden === false, frame: document.querySelector('iframe') };
};
beforeEach(() => sessionStorage.clear());

it('asks, and loads nothing before', async () => {
  expect(await open('asked', '')).toEqual({ asked: true, frame: null });
});

it('runs in a frame that sees nothing once that was agreed to, and remembers it', async () => {
  await open('asked', '');
  document.querySelector<HTMLButtonElement>('[value=yes]')?.click();
  const frame = document.querySelector('iframe');
  expect(frame?.getAttribute('sandbox')).toBe('allow-scripts');
  expect(frame?.src).toContain('/runs-beside/frame?country=IE');
  expect(document.cookie).toContain('scripts=yes.0a1b');
  expect((await open('asked', 'yes.0a1b')).frame).not.toBeNull();
});

it('never runs where it was refused, and asks again about another list', async () => {
  await open('asked', '');
  document.querySelector<HTMLButtonElement>('[value=no]')?.click();
  expect([document.querySelector('iframe'), document.cookie]).toEqual([null, 'scripts=no.0a1b']);
  expect(await open('told', 'no.0a1b')).toEqual({ asked: false, frame: null });
  expect((await open('asked', 'yes.ffff')).asked).toBe(true);
});

it('is only told where the law wants no more', async () => {
  const { asked, frame } = await open('told', '');
  expect([asked, frame !== null]).toEqual([false, true]);
});
