import { clsx } from 'clsx';
import type { NoteView } from '@/types/bench';

interface Props {
  notes: NoteView[];
  /** What the button says that does it. */
  fix: string;
  onFix: (note: NoteView) => void;
  label: string;
}

/** Advice that was computed, each with a button that follows it where that can be done. */
export function Notes({ notes, fix, onFix, label }: Props) {
  if (notes.length === 0) return null;
  return (
    <ul className="mt-1.5 space-y-1 text-[13px]" aria-label={label}>
      {notes.map((n) => (
        <li key={n.kind + n.words + (n.instead ?? '')} className="flex items-baseline gap-2" data-note={n.kind}>
          <span aria-hidden className="text-ochre">
            ▸
          </span>
          <span className={clsx('min-w-0 flex-1', n.kind === 'same' && 'font-semibold text-you')}>{n.words}</span>
          {n.instead && (
            <button
              type="button"
              title={n.instead}
              onClick={() => onFix(n)}
              className="flex-none font-medium text-you underline decoration-you/40 underline-offset-3"
            >
              {fix}
            </button>
          )}
        </li>
      ))}
    </ul>
  );
}
