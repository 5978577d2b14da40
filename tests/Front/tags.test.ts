import { afterEach, describe, expect, it, vi } from 'vitest';

/** What a kept page says only while it is true. */
const NOON = Date.UTC(2026, 11, 2, 12) / 1000;
const show = async (html: string, at = NOON) => {
  vi.resetModules();
  vi.useFakeTimers({ now: at * 1000, toFake: ['Date', 'setInterval', 'clearInterval'] });
  document.documentElement.lang = 'en-GB';
  document.body.innerHTML = html;
  await import('../../resources/shop/islands/shop');
};
const text = (css: string) => document.querySelector<HTMLElement>(css);
afterEach(() => vi.useRealTimers());

describe('a corner tag that depends on the hour', () => {
  const tag = (words: string) =>
    `<span class="tag" ${words === '' ? 'hidden' : ''} data-tag="With you by Friday" ` +
    `data-spells="[[${String(NOON - 60)},${String(NOON + 60)}]]">${words}</span>`;

  it('stands there within its spell, and what holds always outside of it', async () => {
    await show(tag('Printed for you'));
    expect(text('.tag')?.textContent).toBe('With you by Friday');
    await show(tag('Printed for you'), NOON + 60);
    expect(text('.tag')?.textContent).toBe('Printed for you');
  });

  it('isn’t there where nothing holds', async () => {
    await show(tag(''));
    expect([text('.tag')?.textContent, text('.tag')?.hidden]).toEqual(['With you by Friday', false]);
    await show(tag(''), NOON + 61);
    expect(text('.tag')?.hidden).toBe(true);
  });
});

describe('a countdown', () => {
  const ends = (seconds: number) =>
    `<time data-ends data-left="{time} left" datetime="${new Date((NOON + seconds) * 1000).toISOString()}">until</time>`;

  it('says the two largest units of what is left', async () => {
    await show(ends(2 * 86_400 + 4 * 3_600 + 300));
    expect(text('time')?.textContent).toBe('2 days, 4 hours left');
    await show(ends(3_600 + 60));
    expect(text('time')?.textContent).toBe('1 hour, 1 minute left');
  });

  it('goes on by itself, and goes away with the end', async () => {
    await show(ends(180));
    expect(text('time')?.textContent).toBe('3 minutes left');
    vi.advanceTimersByTime(60_000);
    expect(text('time')?.textContent).toBe('2 minutes left');
    vi.advanceTimersByTime(120_000);
    expect(text('time')?.hidden).toBe(true);
  });
});
