import { toast } from 'sonner';
import { words } from '@/lib/http';

/** Milliseconds that a sentence about trouble stays; long enough to be read twice. */
const STAYS = 10_000;

/** Says in passing what went wrong. */
export function sayTrouble(error: unknown): void {
  toast.error(words(error), { duration: STAYS });
}
