import { clsx } from 'clsx';
import { useState } from 'react';
import { plural } from '@/lib/plural';
import { useTyped } from '@/lib/useTyped';
import type { PolicyView } from '@/types/window';
import { Button } from '@/ui/Button';

interface Props {
  policy: PolicyView;
  onBesides: (words: string) => Promise<boolean>;
  onPublish: () => Promise<boolean>;
}

/** One policy: how it stands, where it says otherwise than the stall is set up, and its text with its blanks. */
export function PolicyPaper({ policy: p, onBesides, onPublish }: Props) {
  const [open, setOpen] = useState(p.blanks.length > 0 && p.kind === 'returns');
  const besides = useTyped(p.besides, onBesides);
  const stands =
    p.blanks.length > 0
      ? `${String(p.blanks.length)} ${plural(p.blanks.length, 'blank')}: ${p.blanks.join(', ')}`
      : p.published === null
        ? 'Shoppers don’t see it yet.'
        : `Version ${String(p.number)}, since ${p.published}`;
  const due = p.blanks.length === 0 && (p.published === null || p.differs.length + p.stale.length > 0);
  return (
    <section aria-labelledby={`policy-${p.kind}`} className="border-b border-line py-3" data-policy={p.kind}>
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h3 id={`policy-${p.kind}`} className="max-md:basis-full md:w-52">
          <button
            type="button"
            aria-expanded={open}
            onClick={() => setOpen(!open)}
            className="name text-[17px] hover:underline"
          >
            {p.heading}
          </button>
        </h3>
        <p className={clsx('min-w-0 flex-1', p.blanks.length > 0 || due ? 'text-ochre' : 'text-mute')}>{stands}</p>
        {due && (
          <Button small kind="do" onClick={() => void onPublish()}>
            {p.published === null ? 'Publish it' : 'Publish it anew'}
          </Button>
        )}
      </div>
      {p.stale.length > 0 && (
        <p className="mt-2 md:ml-[228px] max-w-[84ch] text-[14px]" data-otherwise>
          Elsewhere it says otherwise, or nothing yet: {p.stale.join('; ')}.
        </p>
      )}
      {p.differs.length > 0 && (
        <ul className="mt-2 md:ml-[228px] max-w-[84ch] text-[14px]" aria-label="Says otherwise">
          {p.differs.map((d) => (
            <li key={d.said + d.now} className="mb-1.5" data-otherwise>
              {d.said !== '' && <span className="block text-mute">It says: “{d.said}”</span>}
              <span className="block">{d.now === '' ? 'That isn’t so any more.' : `It is: “${d.now}”`}</span>
            </li>
          ))}
        </ul>
      )}
      {open && (
        <div className="mt-3 md:ml-[228px] max-w-[76ch] rounded-md border border-line bg-sheet px-6 py-5">
          {p.clauses.map((words) => (
            <p key={words} className="mb-2.5 leading-relaxed">
              {words.split(/(\[[^\]]+\])/).map((piece, n) =>
                piece.startsWith('[') ? (
                  <mark
                    key={n}
                    className="bg-transparent font-medium text-ochre underline decoration-dotted underline-offset-4"
                  >
                    {piece}
                  </mark>
                ) : (
                  piece
                ),
              )}
            </p>
          ))}
          <label htmlFor={`besides-${p.kind}`} className="mt-4 block text-[12.5px] text-mute">
            And besides, in your own words
          </label>
          <textarea
            id={`besides-${p.kind}`}
            rows={2}
            maxLength={2000}
            {...besides.field}
            className="w-full border-b border-rule/40 bg-transparent py-1 focus:border-you"
          />
        </div>
      )}
    </section>
  );
}
