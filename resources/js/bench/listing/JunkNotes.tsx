import type { NoteView } from '@/types/bench';

/** Sentences of the words that don't belong on the page, each with why and a way to cut it. */
export function JunkNotes({ junk, onCut }: { junk: NoteView[]; onCut: (sentences: string[]) => void }) {
  if (junk.length === 0) return null;
  return (
    <div className="mb-2 border-l-4 border-ochre bg-ochre-soft px-3 py-2" data-junk>
      <div className="flex items-baseline gap-3">
        <b className="font-semibold text-ochre">
          {junk.length === 1 ? 'One sentence doesn’t' : `${String(junk.length)} sentences don’t`} belong on the page
        </b>
        <button
          type="button"
          className="font-medium text-you underline decoration-you/40 underline-offset-3"
          onClick={() => onCut(junk.map((j) => j.instead ?? ''))}
        >
          cut {junk.length === 1 ? 'it' : 'them all'}
        </button>
      </div>
      <ul className="text-[13px]">
        {junk.map((j) => (
          <li key={j.instead} className="flex gap-2">
            <span className="min-w-0 flex-1 truncate" title={j.instead ?? ''}>
              “{j.instead}” <span className="text-mute">{j.words}</span>
            </span>
            <button
              type="button"
              className="flex-none underline decoration-line underline-offset-3"
              onClick={() => onCut([j.instead ?? ''])}
            >
              cut
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
