import { router, usePage } from '@inertiajs/react';
import { toast } from 'sonner';
import { useTakeBack } from '@/bench/useUndo';
import { useSend } from '@/lib/useSend';
import { useFrame } from '@/lib/useStall';

/** Screens that say it themselves, or have an undo of their own. */
const OWN = ['bench/ListingPage', 'drift/DriftPage', 'window/GalleyPage'];

/** What this person last did to listings, in a place that stays, with the way back. */
export function LastDone() {
  const screen = usePage().component;
  const last = useFrame()?.last ?? null;
  const takeBack = useTakeBack();
  const { busy, during } = useSend();
  if (!last || OWN.includes(screen)) return null;
  return (
    <footer
      className="flex h-8 flex-none items-center gap-2 border-t border-line px-6 text-[13px] text-mute"
      data-last-done
    >
      <span className="truncate">
        Last done: <span className="text-ink">{last.words}</span>, {last.when}
      </span>
      <button
        type="button"
        disabled={busy}
        onClick={() => {
          void during(
            takeBack(last.change).then(() => {
              toast.success('Taken back.');
              router.reload();
            }),
          );
        }}
        className="flex-none font-medium text-you underline decoration-you/40 underline-offset-3"
      >
        Take it back
      </button>
    </footer>
  );
}
