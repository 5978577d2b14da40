/** Marks a draft nobody has read yet, and accepts it. */
export function DraftMark({ draft, what, onAccept }: { draft: boolean; what: string; onAccept: () => void }) {
  if (!draft) return null;
  return (
    <span className="inline-flex items-center gap-2" data-draft={what}>
      <span className="rounded bg-ochre-soft px-1.5 text-[11.5px] font-semibold text-ochre">a draft</span>
      <button
        type="button"
        onClick={onAccept}
        aria-label={`accept the draft: ${what}`}
        className="text-[12px] font-medium text-you underline decoration-you/40 underline-offset-2"
      >
        accept
      </button>
    </span>
  );
}
