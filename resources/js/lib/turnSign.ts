import { router } from '@inertiajs/react';

/**
 * Turns the sign on the shop's door. Before it opens for the first time the workshop shows what is left.
 * @param looked whether whoever opens it sees what is left
 */
export function turnSign(handle: string, open: boolean, looked = false): void {
  router.put(route('window.open', handle), { open, looked }, { preserveScroll: true, preserveState: true });
}
