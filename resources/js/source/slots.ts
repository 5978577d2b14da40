import { slot } from '@/lib/slot';

/** A pull, opened: what came and what became of it. */
export const OpenedPull = slot<{ run: number | null; onClose: () => void }>();
