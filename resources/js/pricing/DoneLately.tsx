import { router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { toast } from 'sonner';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { PricingDoneView } from '@/types/pricing';

/** What was done to costs and recipes lately; the last step that stands can be taken back. */
export function DoneLately({ done }: { done: PricingDoneView[] }) {
  const handle = useHandle();
  if (done.length === 0) return null;
  return (
    <section className="mt-8 border-t border-line pt-4" data-done>
      <h2 className="name mb-1 text-[17px]">Done lately</h2>
      <ul>
        {done.map((d, n) => (
          <li key={d.id} className="flex items-baseline gap-3 border-b border-line py-1.5">
            <span className={clsx('min-w-0 flex-1 truncate', d.undone && 'text-mute line-through')}>{d.words}</span>
            <span className="text-[13px] text-mute">
              {d.by}, {d.at}
            </span>
            {!d.undone && done.slice(0, n).every((before) => before.undone) && (
              <button
                type="button"
                className="text-[13px] underline decoration-line underline-offset-4"
                onClick={() => {
                  send('POST', route('pricing.undo', [handle, d.id]))
                    .then(() => {
                      toast.success('Taken back.');
                      router.reload();
                    })
                    .catch(sayTrouble);
                }}
              >
                take it back
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
