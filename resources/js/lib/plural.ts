/** The word for so many: "listing" for one, "listings" for none and for several. */
export function plural(n: number, one: string, many = `${one}s`): string {
  return n === 1 ? one : many;
}

/** So many of something: "1 listing", "1,200 listings". */
export function count(n: number, one: string, many?: string): string {
  return `${n.toLocaleString('en')} ${plural(n, one, many)}`;
}

/** Names in a sentence: "Oakum", "Oakum and Kilnfold", "Oakum, Kilnfold, and Thread & Plate". */
export function listed(names: string[]): string {
  return new Intl.ListFormat('en').format(names);
}
