import { slot } from '@/lib/slot';

/** What later areas let a stall set up, under its own settings. */
export const MoreSettings = slot<object>();

/** How far the move to another home market is, under its choice. */
export const MovingHome = slot<{ home: string }>();
