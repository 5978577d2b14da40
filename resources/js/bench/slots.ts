import { slot } from '@/lib/slot';

/** A listing's prices for several pieces; for none when nothing is to be shown. */
export const MultiBuy = slot<{ listing: number | null; title: string; onClose: () => void }>();

/** What was said of a listing by whom and when; told when something was set back. */
export const History = slot<{ listing: number; open: boolean; onClose: () => void; onSetBack: () => void }>();
