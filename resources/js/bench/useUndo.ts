import { router } from '@inertiajs/react';
import { toast } from 'sonner';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';

/** Says what was done and offers to take it back, in one step. */
export function useUndo(onTaken: () => void = () => router.reload()) {
  const handle = useHandle();
  return (change: number, said: string): void => {
    toast(said, {
      duration: 12_000,
      action: {
        label: 'Take it back',
        onClick: () => {
          send('POST', route('bench.undo', [handle, change]))
            .then(() => {
              toast.success('Taken back.');
              onTaken();
            })
            .catch((e: unknown) => toast.error(words(e), { duration: 10_000 }));
        },
      },
    });
  };
}
