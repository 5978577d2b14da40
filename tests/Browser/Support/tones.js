// Which tone is written on which, in every build, on every tone a section can stand on, in every state of what is
// pressed: each tone gets a colour of its own, and what is then computed for each piece of text names the pair.
// In: names of tones, builds {name, href, classes}. Out: {pairs: {"ink on ground": where it was first seen}, odd}.
const [names, builds, done] = arguments;
(async () => {
  const root = document.documentElement;
  const sentinel = new Map();
  names.forEach((n, i) => {
    const rgb = `rgb(${7 + i}, ${3 + i}, 201)`;
    root.style.setProperty('--' + n, rgb);
    sentinel.set(rgb, n);
  });
  const still = document.createElement('style');
  still.textContent = '*,*::before,*::after{transition:none!important;animation:none!important}';
  document.head.append(still);
  // States stand as classes, so that they can be put on.
  const states = document.createElement('style');
  document.head.append(states);
  const pairs = {},
    odd = {};
  const toneOf = (c) => sentinel.get(c) ?? c;
  const ground = (el) => {
    for (let e = el; e; e = e.parentElement) {
      const s = getComputedStyle(e);
      if (s.backgroundColor !== 'rgba(0, 0, 0, 0)') return toneOf(s.backgroundColor);
    }
    return 'nothing';
  };
  const look = (where) => {
    const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let n = walk.nextNode(); n; n = walk.nextNode()) {
      const el = n.parentElement;
      if (n.textContent.trim() === '' || ['SCRIPT', 'STYLE', 'NOSCRIPT'].includes(el.tagName)) continue;
      const box = el.getBoundingClientRect();
      if (box.width < 2 || box.height < 2 || el.closest('.sr, [hidden]')) continue;
      // Words within a picture have their veil, reckoned from the picture itself.
      if (el.closest('.build-lamp .hero:not(.bare) .hero-words')) continue;
      for (let e = el; e; e = e.parentElement)
        if (+getComputedStyle(e).opacity < 1 && +getComputedStyle(e).opacity > 0)
          odd[`opacity of ${e.className || e.tagName}`] = where;
      const pair = `${toneOf(getComputedStyle(el).color)} on ${ground(el)}`;
      pairs[pair] ??= `${where}: ${el.tagName}.${el.className} “${n.textContent.trim().slice(0, 30)}”`;
    }
  };
  const all = (state) => document.querySelectorAll(state === 'sale' ? '.good-price' : 'body *');
  const link = document.querySelector('link[data-build]');
  for (const build of builds) {
    document.body.className = build.classes;
    await new Promise((ok) => {
      link.onload = ok;
      link.onerror = ok;
      link.href = build.href;
    });
    const sheets = await Promise.all(
      [...document.querySelectorAll('link[rel=stylesheet]')].map((l) => fetch(l.href).then((r) => r.text())),
    );
    states.textContent = sheets.join('\n').replaceAll(':hover', '.x-hover').replaceAll(':active', '.x-active');
    const kept = new Map([...document.querySelectorAll('[class*="tone-"]')].map((e) => [e, e.className]));
    for (const tone of ['', 'ground', 'band', 'soft', 'fill', 'deep', 'second', 'third']) {
      for (const [e, was] of kept) e.className = tone === '' ? was : was.replace(/\btone-\w+/, 'tone-' + tone);
      look(build.name + ' ' + tone);
      for (const state of ['x-hover', 'x-active', 'sale']) {
        for (const e of all(state)) e.classList.add(state);
        look(build.name + ' ' + tone + ' ' + state);
        for (const e of all(state)) e.classList.remove(state);
      }
    }
    for (const [e, was] of kept) e.className = was;
    const buttons = [...document.querySelectorAll('button.button')].filter((b) => !b.disabled);
    for (const b of buttons) b.disabled = true;
    look(build.name + ' disabled');
    for (const b of buttons) b.disabled = false;
  }
  done({ pairs, odd });
})().catch((e) => done({ error: String(e) + e.stack }));
