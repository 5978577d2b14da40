import { useSend } from '@/lib/useSend';
import { useTakeBack } from '@/bench/useUndo';
import type { LastStepView } from '@/types';

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
    <p className="min-w-0 flex-none text-[13px] leading-snug text-mute" data-last-step>
      <span className="block max-w-60 truncate text-ink" title={last.words}>
        {last.words}
      </span>
      {last.who}, {last.when} ·{' '}
      <button
        type="button"
        disabled={busy}
        onClick={take}
        className="font-medium text-you underline decoration-you/40 underline-offset-3"
      >
        take it back
      </button>
    </p>
  );
}
