import { router } from '@inertiajs/react';
import { useUndo } from '@/bench/useUndo';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { DoneView } from '@/types/bench';

/** Deletes listings in one step and offers to take it back in one. */
export function useDelete() {
  const handle = useHandle();
  const undo = useUndo();
  return (listings: number[], onDone: () => void): void => {
    send<DoneView>('POST', route('bench.delete', handle), { listings })
      .then((done) => {
        onDone();
        router.reload();
        undo(done.change, done.words);
      })
      .catch(sayTrouble);
  };
}
