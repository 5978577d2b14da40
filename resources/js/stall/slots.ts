import { slot } from '@/lib/slot';

/** What later areas let a stall set up, under its own settings. */
export const MoreSettings = slot<object>();

/** The country and the currency, as long as nothing goes by them. */
export const StandsOn = slot<{
  country: string;
  currency: string;
  countries: { code: string; name: string }[];
  currencies: string[];
}>();

/** How far the move to another home market is, under its choice. */
export const MovingHome = slot<{ home: string }>();
