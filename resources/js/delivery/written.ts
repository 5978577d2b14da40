import type { DeliveryPlaceView } from '@/types/delivery';

export interface Band {
  up_to: string | number;
  amount: string;
}

/** How what a shopper pays follows from what is sent; amounts are decimals of the stall's currency. */
export type WrittenCharge =
  | { by: 'flat'; amount: string }
  | { by: 'piece'; first: string; further: string }
  | { by: 'weight' | 'value'; bands: Band[]; beyond: string }
  | { by: 'cost'; times: string; plus: string; ending: string | null }
  | { by: 'carrier'; service: string; plus: string; otherwise: string };

export interface WrittenWay {
  name: string;
  charge: WrittenCharge;
  across: string;
  free_over: string | null;
  prefers: string;
  under: string | null;
  phone: boolean;
  collected: string;
}

export interface WrittenRule {
  by: string;
  value: string;
  more: string | null;
}

export interface WrittenCover {
  country: string;
  parts: string[];
  postcodes: string;
}

export interface WrittenPlace {
  name: string;
  covers: WrittenCover[];
  ways: WrittenWay[];
  rules: WrittenRule[];
}

/** A place as the server reads it. */
export const written = (place: DeliveryPlaceView): WrittenPlace => ({
  name: place.name,
  covers: place.covers.map(({ country, parts, postcodes }) => ({ country, parts, postcodes })),
  ways: place.ways.map((way) => way.written as unknown as WrittenWay),
  rules: place.rules.map(({ by, value, more }) => ({ by, value, more: more === '' ? null : more })),
});

export const firstWay: WrittenWay = {
  name: '',
  charge: { by: 'flat', amount: '' },
  across: 'once',
  free_over: null,
  prefers: 'cheapest',
  under: null,
  phone: false,
  collected: '',
};

/** Another charge, with what can be kept of the one before. */
export function chargeBy(by: WrittenCharge['by']): WrittenCharge {
  switch (by) {
    case 'flat':
      return { by, amount: '' };
    case 'piece':
      return { by, first: '', further: '' };
    case 'cost':
      return { by, times: '1', plus: '0', ending: null };
    case 'carrier':
      return { by, service: 'plain', plus: '0', otherwise: '' };
    default:
      return { by, bands: [{ up_to: '', amount: '' }], beyond: '' };
  }
}

/** Grams go as a number, whatever they were typed as; a band that nothing is typed in isn't one. */
export function tidied(way: WrittenWay): WrittenWay {
  const blank = (typed: string | null) => (typed === null || typed.trim() === '' ? null : typed.trim());
  const { charge } = way;
  const bands = (by: string, all: Band[]) =>
    all
      .filter((band) => String(band.up_to).trim() !== '' || band.amount.trim() !== '')
      .map((band) => ({ ...band, up_to: by === 'weight' ? Number(band.up_to) : String(band.up_to).trim() }));
  return {
    ...way,
    free_over: blank(way.free_over),
    under: way.prefers === 'quickest' ? blank(way.under) : null,
    charge:
      charge.by === 'weight' || charge.by === 'value'
        ? { ...charge, bands: bands(charge.by, charge.bands) }
        : charge.by === 'cost'
          ? { ...charge, ending: blank(charge.ending), plus: blank(charge.plus) ?? '0' }
          : charge.by === 'carrier'
            ? { ...charge, plus: blank(charge.plus) ?? '0' }
            : charge,
  };
}
