/**
 * Sends a shopper to one half of a trial by a coin, and always to the same one: before anything is drawn, so that nothing
 * jumps. Nothing of it but the half goes anywhere, with an order that is placed. Loaded as a plain script: it imports and exports nothing.
 */
{
  const trial = document.currentScript?.dataset.trial ?? '';
  let half = new RegExp(`(?:^|;\\s*)half=${trial}(a|b)`).exec(document.cookie)?.[1];
  if (!half) {
    half = (crypto.getRandomValues(new Uint8Array(1))[0] ?? 0) % 2 === 0 ? 'a' : 'b';
    document.cookie = `half=${trial}${half}; path=/; max-age=15552000; samesite=lax`;
  }
  if (half === 'b') document.documentElement.dataset.half = 'second';
}
export {};
