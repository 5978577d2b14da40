import { slot } from '@/lib/slot';

/** What later areas let a stall set up, under its own settings. */
export const MoreSettings = slot<object>();
