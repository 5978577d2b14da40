import { router } from '@inertiajs/react';
import { toast } from 'sonner';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { ended } from '@/lib/runs';
import { useHandle } from '@/lib/useStall';
import type { TakenBackView } from '@/types/bench';

/** Takes a step on the bench back, or some of its listings; waits for it where it takes long. */
export function useTakeBack() {
  const handle = useHandle();
  return async (change: number, listings?: number[]): Promise<void> => {
    const { run } = await send<TakenBackView>(
      'POST',
      route('bench.undo', [handle, change]),
      listings ? { listings } : {},
    );
    if (!run) return;
    const waiting = toast.loading('Taking it back…');
    const done = await ended(handle, run).finally(() => toast.dismiss(waiting));
    if (done.trouble) throw new Error(done.trouble);
  };
}

/** What was done, as a sentence. */
function sentence(said: string): string {
  return said.charAt(0).toUpperCase() + said.slice(1) + (/[.!?]$/.test(said) ? '' : '.');
}

/** Says what was done and offers to take it back, in one step. */
export function useUndo(onTaken: () => void = () => router.reload()) {
  const takeBack = useTakeBack();
  return (change: number, said: string): void => {
    // It stands at the foot of the screen from now on.
    router.reload({ only: ['frame'] });
    toast(sentence(said), {
      duration: 12_000,
      action: {
        label: 'Take it back',
        onClick: () => {
          takeBack(change)
            .then(() => {
              toast.success('Taken back.');
              onTaken();
            })
            .catch(sayTrouble);
        },
      },
    });
  };
}
