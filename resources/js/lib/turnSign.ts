import { router } from '@inertiajs/react';

/** Turns the sign on the shop's door. */
export function turnSign(handle: string, open: boolean): void {
  router.put(route('window.open', handle), { open }, { preserveScroll: true, preserveState: true });
}
