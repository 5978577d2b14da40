import type { CodeView } from '@/types/offers';

export type WrittenOff =
  | { by: 'percent'; share: string }
  | { by: 'amount'; amount: string }
  | { by: 'pieces'; of: number | string; paid: number | string }
  | { by: 'gift'; goods: number }
  | { by: 'set'; goods: number[]; price: string }
  | { by: 'delivery' };

/** A code as the server reads it; figures stay as they are typed. */
export interface WrittenCode {
  code: string;
  singles: boolean;
  off: WrittenOff;
  holds: { by: string; values?: (string | number)[] };
  countries: string[];
  starts: string;
  ends: string;
  most_uses: number | string | null;
  most_each: number | string | null;
  least: string | null;
  first_only: boolean;
  together: boolean;
  under_floor: boolean;
}

export const written = (code: CodeView): WrittenCode => code.written as unknown as WrittenCode;

export const fresh: WrittenCode = {
  code: '',
  singles: false,
  off: { by: 'percent', share: '0.1' },
  holds: { by: 'all' },
  countries: [],
  starts: '',
  ends: '',
  most_uses: null,
  most_each: null,
  least: null,
  first_only: false,
  together: true,
  under_floor: false,
};

/** @param goods those that are given away, or sold together, where nothing else is chosen */
export function offBy(by: WrittenOff['by'], goods: number[]): WrittenOff {
  switch (by) {
    case 'percent':
      return { by, share: '' };
    case 'amount':
      return { by, amount: '' };
    case 'pieces':
      return { by, of: 3, paid: 2 };
    case 'gift':
      return { by, goods: goods[0] ?? 0 };
    case 'set':
      return { by, goods: goods.slice(0, 2), price: '' };
    default:
      return { by };
  }
}

/** Whole numbers go as numbers, blanks as nothing. */
export function sent(code: WrittenCode): Record<string, unknown> {
  const whole = (typed: number | string | null) => {
    const text = String(typed ?? '').trim();
    return text === '' ? null : /^\d+$/.test(text) ? Number(text) : text;
  };
  const blank = (typed: string | null) => (typed === null || typed.trim() === '' ? null : typed.trim());
  return {
    ...code,
    off: sentOff(code.off, whole),
    most_uses: whole(code.most_uses),
    most_each: whole(code.most_each),
    least: blank(code.least),
  };
}

/** An amount as people write it, as the server reads it. */
const amount = (typed: string) => typed.trim().replace(',', '.');

function sentOff(off: WrittenOff, whole: (typed: number | string) => number | string | null): Record<string, unknown> {
  switch (off.by) {
    case 'pieces':
      return { ...off, of: whole(off.of), paid: whole(off.paid) };
    case 'amount':
      return { ...off, amount: amount(off.amount) };
    case 'set':
      return { ...off, price: amount(off.price) };
    default:
      return off;
  }
}
