import { XIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import { useState, type ReactNode } from 'react';
import { send } from '@/lib/http';
import { useFrame } from '@/lib/useStall';

/** As `OwnTerm` in `app/Stall` names them. */
type OwnTerm = 'held' | 'put_by' | 'join' | 'out_and_in';

const LINES: Record<OwnTerm, ReactNode> = {
  held: (
    <>
      <b>Held</b> is what you said yourself: it stays. What <b>follows</b> is the supplier’s, and changes when they
      change it.
    </>
  ),
  put_by: (
    <>
      <b>Put by</b> lays listings aside: shoppers don’t see them, and nothing of them is lost.
    </>
  ),
  join: (
    <>
      <b>Join</b> makes one listing of several: each becomes a variant of it and keeps its own supplier.
    </>
  ),
  out_and_in: (
    <>
      <b>Out and in</b> writes your listings to a file you can change in a spreadsheet, and takes over what you changed
      in it.
    </>
  ),
};

/** Says once what a word of the workshop means, beside where it stands first; waved away, it doesn’t come again. */
export function Explained({ term, className }: { term: OwnTerm; className?: string }) {
  const known = useFrame()?.explained ?? [];
  const [waved, setWaved] = useState(false);
  if (waved || known.includes(term)) return null;
  const wave = () => {
    setWaved(true);
    // Where that fails it is said once more, another time.
    send('PUT', route('you.terms'), { term }).catch(() => undefined);
  };
  return (
    <p
      className={clsx('flex items-baseline gap-3 bg-shade/70 px-4 py-1.5 text-[13px] text-ink/85', className)}
      data-explained={term}
    >
      <span className="min-w-0 flex-1">{LINES[term]}</span>
      <button type="button" aria-label="Don’t explain it again" onClick={wave} className="flex-none self-center p-1">
        <XIcon size={12} aria-hidden />
      </button>
    </p>
  );
}
