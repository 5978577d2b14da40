// Pictures in lists that lost their shape, titles of which fewer than 24 letters can be read, pages that go sideways.
const bad = [];
for (const t of document.querySelectorAll('[data-thumb]')) {
  const r = t.getBoundingClientRect();
  if (r.width && Math.abs(r.width - r.height) > 1)
    bad.push('thumb ' + r.width + 'x' + r.height + ' ' + t.outerHTML.slice(0, 80));
}
for (const t of document.querySelectorAll('[data-title]')) {
  const box = t.getBoundingClientRect();
  if (!box.width) continue;
  const w = document.createTreeWalker(t, NodeFilter.SHOW_TEXT);
  let n;
  do {
    n = w.nextNode();
  } while (n && n.textContent.trim() === '');
  if (!n) continue;
  const r = document.createRange();
  const len = Math.min(24, n.textContent.length);
  r.setStart(n, 0);
  r.setEnd(n, len);
  // rect of visible text: clipped ancestor
  let clip = n.parentElement;
  while (clip !== t.parentElement && getComputedStyle(clip).overflowX === 'visible') clip = clip.parentElement;
  const need = [...r.getClientRects()].reduce((m, x) => Math.max(m, x.right), 0);
  const have = clip.getBoundingClientRect().right + 1;
  if (need > have) bad.push('title ' + n.textContent.slice(0, 40) + ' need ' + need + ' have ' + have);
}
if (
  document.documentElement.scrollWidth > innerWidth ||
  document.querySelector('main').scrollWidth > document.querySelector('main').clientWidth + 1
)
  bad.push(
    'page scrolls sideways ' +
      document.querySelector('main').scrollWidth +
      ' in ' +
      document.querySelector('main').clientWidth,
  );
return bad;
