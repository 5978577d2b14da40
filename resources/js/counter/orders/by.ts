/** What orders are narrowed by. */
export interface By {
  q: string;
  stands: string;
  from: string;
  to: string;
  country: string;
}

/** What of it is said. */
export const said = (by: By) => Object.fromEntries(Object.entries(by).filter(([, words]) => words !== ''));
