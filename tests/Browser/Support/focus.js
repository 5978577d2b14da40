// What can be focused on this page and isn't seen to have focus: no frame of 3:1 to what lies behind it.
const luminance = (rgb) => {
  const [r, g, b] = rgb.map((v) => {
    const c = v / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
};
const paint = document.createElement('canvas').getContext('2d', { willReadFrequently: true });
const parts = (colour) => {
  paint.clearRect(0, 0, 1, 1);
  paint.fillStyle = colour;
  paint.fillRect(0, 0, 1, 1);
  return [...paint.getImageData(0, 0, 1, 1).data];
};
const contrast = (one, other) => {
  const [a, b] = [luminance(one), luminance(other)].sort((x, y) => y - x);
  return (a + 0.05) / (b + 0.05);
};
const ground = (el) => {
  for (let e = el; e; e = e.parentElement) {
    const [r, g, b, a] = parts(getComputedStyle(e).backgroundColor);
    if (a > 250) return [r, g, b];
  }
  return [255, 255, 255];
};
const framed = (el) => {
  const s = getComputedStyle(el);
  if (s.outlineStyle === 'none' || parseFloat(s.outlineWidth) < 1.5) return false;
  const behind = parseFloat(s.outlineOffset) < 0 ? el : el.parentElement;
  return contrast(parts(s.outlineColor).slice(0, 3), ground(behind ?? el)) >= 3;
};
const unseen = [];
let seen = 0;
for (const el of document.querySelectorAll('a[href], button, input, select, textarea, [tabindex]')) {
  if (
    el.tagName === 'IFRAME' ||
    el.disabled ||
    el.tabIndex < 0 ||
    el.type === 'file' ||
    el.closest('[aria-hidden=true], [inert]')
  )
    continue;
  if (!el.checkVisibility({ opacityProperty: false, visibilityProperty: true })) continue;
  el.focus({ preventScroll: true });
  if (document.activeElement !== el) continue;
  const row = el.closest('[data-row]');
  if (framed(el) || (row && framed(row))) seen++;
  else unseen.push(el.outerHTML.slice(0, 160));
}
return { seen, unseen };
