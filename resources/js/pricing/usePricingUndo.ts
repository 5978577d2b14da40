import { router } from '@inertiajs/react';
import { toast } from 'sonner';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';

/** Says what was done to costs or recipes and offers to take it back, in one step. */
export function usePricingUndo(onTaken: () => void = () => router.reload()) {
  const handle = useHandle();
  return (change: number, said: string, run: number | null = null): void => {
    if (run !== null) router.reload({ only: ['run'] });
    toast(`${said}.${run === null ? '' : ' Every variant is being priced; it goes on when you leave.'}`, {
      // Only the last step can be taken back: what is said of it stands in place of the one before.
      id: 'pricing',
      duration: 12_000,
      action: {
        label: 'Take it back',
        onClick: () => {
          send('POST', route('pricing.undo', [handle, change]))
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
