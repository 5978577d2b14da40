/**
 * Uncovers goods for grown-ups before anything is drawn, where somebody said already that they are. Loaded as a plain script: it imports
 * and exports nothing.
 */
{
  const age = Number(document.currentScript?.dataset.age ?? '99');
  const said = Number(/(?:^|;\s*)grown_up=(\d\d)(?:;|$)/.exec(document.cookie)?.[1] ?? '0');
  if (said >= age) document.documentElement.dataset.grown = 'up';
}
export {};
