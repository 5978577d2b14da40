import { Link, router } from '@inertiajs/react';
import { useEffect } from 'react';
import { CHANGED, send } from '@/lib/http';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import type { NextStepView } from '@/types/opening';

/** Milliseconds after a change until the next step is asked for. */
const SOON = 300;

const BEGINNINGS = [
  ['bring', 'Goods that suppliers post'],
  ['print', 'Goods printed to order'],
  ['both', 'Both'],
  ['client', 'It’s for a client'],
] as const;

/** The next step of a stall that was never open, under the rail of every screen: what to do, and a way past it. */
export function NextStep({ next }: { next: NextStepView }) {
  const handle = useHandle();
  const { busy, trouble, during } = useSend('here');
  useEffect(() => {
    // What was done on this screen may have been the step; several changes at once are one.
    let soon = 0;
    const look = () => {
      clearTimeout(soon);
      soon = window.setTimeout(() => router.reload({ only: ['frame'] }), SOON);
    };
    window.addEventListener(CHANGED, look);
    return () => {
      clearTimeout(soon);
      window.removeEventListener(CHANGED, look);
    };
  }, []);
  const say = (url: string, said: Record<string, string>) => void during(send('PUT', url, said));
  return (
    <aside
      aria-label="The next step"
      className="flex flex-none flex-wrap items-baseline gap-x-4 gap-y-1 border-b border-line bg-sheet px-6 py-2 text-[14px]"
    >
      {next.step === '' ? (
        <>
          <span className="font-semibold">What will it sell?</span>
          {BEGINNINGS.map(([value, words]) => (
            <button
              key={value}
              type="button"
              disabled={busy}
              className="font-medium text-you underline underline-offset-4"
              onClick={() => say(route('opening.begins', handle), { with: value })}
            >
              {words}
            </button>
          ))}
        </>
      ) : (
        <>
          <span>
            Next:{' '}
            <Link
              href={next.href}
              className="font-semibold text-you underline underline-offset-4"
              data-next={next.step}
            >
              {next.words}
            </Link>
          </span>
          <span className="text-mute max-md:hidden">{next.how}</span>
          <button
            type="button"
            disabled={busy}
            className="ml-auto text-mute underline hover:text-ink"
            onClick={() => say(route('opening.skipped', handle), { step: next.step })}
          >
            Leave it out
          </button>
        </>
      )}
      {trouble && (
        <span role="alert" className="text-loss">
          {trouble}
        </span>
      )}
    </aside>
  );
}
