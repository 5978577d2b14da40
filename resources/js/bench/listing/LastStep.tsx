import { useSend } from '@/lib/useSend';
import { useTakeBack } from '@/bench/useUndo';
import type { LastStepView } from '@/types/bench';

interface Props {
  last: LastStepView | null;
  listing: number;
  onTaken: () => void;
}

/** What was last done to a listing, in a place that stays, and a way to take it back for this listing alone. */
export function LastStep({ last, listing, onTaken }: Props) {
  const takeBack = useTakeBack();
  const { busy, during } = useSend();
  if (!last) return null;
  const take = () => {
    void during(takeBack(last.change, [listing]).then(onTaken));
  };
  return (
    <span className="mr-4 border-r border-you/25 pr-4" title={`${last.who}, ${last.when}`} data-last-step>
      <span className="inline-block max-w-64 truncate align-bottom text-ink">{last.words}</span> {last.when} ·{' '}
      <button
        type="button"
        disabled={busy}
        onClick={take}
        className="font-medium text-you underline decoration-you/40 underline-offset-3"
      >
        take it back
      </button>
    </span>
  );
}
