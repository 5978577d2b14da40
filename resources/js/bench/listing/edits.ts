import type { Own } from '@/bench/listing/useSay';

/** What can be said of a listing where its own words stand. */
export interface Edits {
  patch: (own: Own) => Promise<boolean>;
  variants: (ids: number[], own: Record<string, unknown>) => Promise<boolean>;
  onTryPrice: (variant: number, price: string) => void;
  onStopTyping: () => void;
  onUpload: (form: FormData) => Promise<boolean>;
  picture: (picture: number, own: Record<string, unknown>) => Promise<boolean>;
}
