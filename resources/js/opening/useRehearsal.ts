import { router } from '@inertiajs/react';
import { send } from '@/lib/http';
import { useReloads } from '@/lib/useReloads';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';

/** What is read anew while a rehearsal is under way; at its end it changes what is left, and the next step. */
const MOVES = ['rehearsal', 'left', 'frame'];

/** Begins a rehearsal, and reads how far it has got while one is under way. */
export function useRehearsal(running: boolean) {
  const handle = useHandle();
  const { busy, trouble, during } = useSend('here');
  useReloads(MOVES, 1000, running);
  const begin = () =>
    void during(send('POST', route('opening.rehearsal.begin', handle)).then(() => router.reload({ only: MOVES })));
  return { begin, busy: busy || running, trouble };
}
