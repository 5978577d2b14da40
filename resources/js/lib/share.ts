/** Shares as the server has them and as somebody types them. */

/** "0.1" is typed as 10. */
export const percentOf = (share: string): string => {
  const [, whole = '', part = ''] = /^(\d*)(?:\.(\d*))?$/.exec(share) ?? [];
  const digits = part.padEnd(2, '0');
  const text = `${whole}${digits.slice(0, 2)}`.replace(/^0+(?=\d)/, '');
  const rest = digits.slice(2).replace(/0+$/, '');
  return share === '' ? '' : rest === '' ? text : `${text}.${rest}`;
};

/** What is typed as 10 goes as "0.1"; anything that isn't a figure goes as it is, to be refused with a sentence. */
export const shareOf = (percent: string): string => {
  const [match, whole = '', part = ''] = /^(\d{1,3})(?:[.,](\d*))?$/.exec(percent.trim()) ?? [];
  if (match === undefined) return percent;
  const padded = whole.padStart(3, '0');
  return `${padded.slice(0, -2)}.${padded.slice(-2)}${part}`
    .replace(/^0+(?=\d)/, '')
    .replace(/0+$/, '')
    .replace(/\.$/, '');
};
