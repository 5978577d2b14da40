import { router } from '@inertiajs/react';
import { toast } from 'sonner';
import { useUndo } from '@/bench/useUndo';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { DoneView } from '@/types';

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
      .catch((e: unknown) => toast.error(words(e)));
  };
}
