import type { LackView } from '@/types/bench';

/** Something of what shoppers read that keeps the listing on the bench, and the way to say that it is right so. */
export function MeantSo({ lack, onSay }: { lack: LackView | undefined; onSay: (meant: string[]) => void }) {
  if (!lack) return null;
  return (
    <p className="mt-1.5 text-[13px] text-ochre" data-meant={lack.place}>
      {lack.words}{' '}
      <button
        type="button"
        onClick={() => onSay(lack.meant)}
        className="text-mute underline decoration-line underline-offset-3 hover:text-ink"
      >
        It is meant so
      </button>
    </p>
  );
}
