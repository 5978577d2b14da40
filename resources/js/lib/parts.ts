/** Parts of countries whose addresses name one, by country. */
export type Parts = Partial<Record<string, { code: string; name: string }[]>>;
