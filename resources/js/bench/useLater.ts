import { router } from '@inertiajs/react';
import { toast } from 'sonner';
import { useUndo } from '@/bench/useUndo';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { ended } from '@/lib/runs';
import { useHandle } from '@/lib/useStall';
import type { DoneView } from '@/types/bench';
import type { RunView } from '@/types/runs';

/** An edit of so many that it goes on in the background: waits for it, then says what was done. */
export function useLater() {
  const handle = useHandle();
  const undo = useUndo();
  return (run: RunView): void => {
    const waiting = toast.loading('Changing them; it goes on when you leave…');
    ended(handle, run)
      .then((done) => {
        if (done.trouble) throw new Error(done.trouble);
        return send<DoneView>('GET', route('bench.step', [handle, run.id]));
      })
      .then((step) => {
        router.reload();
        if (step.change === 0) toast(step.words);
        else undo(step.change, step.words);
      })
      .catch(sayTrouble)
      .finally(() => toast.dismiss(waiting));
  };
}
