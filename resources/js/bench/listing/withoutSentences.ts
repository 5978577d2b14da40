/** The HTML of a description without some of its sentences; a block that held nothing else goes with them. */
export function withoutSentences(html: string, sentences: string[]): string {
  const page = new DOMParser().parseFromString(html, 'text/html');
  for (const block of [...page.body.querySelectorAll('p, li, h2, h3, blockquote')]) {
    if (block.querySelector('p, li')) continue;
    const whole = block.textContent.replace(/\s+/g, ' ');
    const left = sentences
      .reduce((text, s) => text.replace(s.replace(/\s+/g, ' '), ''), whole)
      .replace(/\s+/g, ' ')
      .trim();
    if (left === whole.trim()) continue;
    if (left === '') block.remove();
    else block.textContent = left;
  }
  for (const list of [...page.body.querySelectorAll('ul, ol')]) if (!list.querySelector('li')) list.remove();
  return page.body.innerHTML.trim();
}
