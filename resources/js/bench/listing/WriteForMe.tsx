import { clsx } from 'clsx';
import { PencilLineIcon } from '@phosphor-icons/react';
import { useState } from 'react';
import { useUndo } from '@/bench/useUndo';
import { send } from '@/lib/http';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import type { DraftAnswerView, DraftView, ListingView } from '@/types/bench';
import { Button } from '@/ui/Button';
import { Pills } from '@/ui/Pills';
import { Popup } from '@/ui/Popup';

const MANNERS = [
  { value: 'plain', label: 'Plainly' },
  { value: 'warm', label: 'Warmly' },
  { value: 'brisk', label: 'Briskly' },
];

interface Props {
  listing: ListingView;
  onListing: (next: ListingView) => void;
  onReload: () => void;
}

/**
 * Lets the writing help draft what the seller hasn't said yet, out of the item's own facts; says which it used and
 * which it lacked.
 */
export function WriteForMe({ listing, onListing, onReload }: Props) {
  const handle = useHandle();
  const undo = useUndo(onReload);
  const [manner, setManner] = useState('plain');
  const { busy, during } = useSend();
  const [draft, setDraft] = useState<DraftView | null>(null);
  const write = () => {
    void during(
      send<DraftAnswerView>('POST', route('bench.draft', [handle, listing.id]), {
        manner,
        fields: ['title', 'words', 'search', 'alt'],
      }).then((answer) => {
        onListing(answer.listing);
        setDraft(answer.draft);
        undo(
          answer.change,
          answer.listing.pending.drafts.length > 0
            ? 'Drafts are written. Read them before they go out.'
            : 'Nothing was left to draft.',
        );
      }),
    );
  };
  return (
    <Popup
      width={380}
      trigger={
        <button
          type="button"
          className={clsx(
            'inline-flex items-center gap-1.5 font-medium text-you underline decoration-you/40',
            'underline-offset-4',
          )}
        >
          <PencilLineIcon size={15} aria-hidden />
          Draft it for me
        </button>
      }
    >
      <p className="mb-3 text-mute">
        Title, description, search text and alt texts, out of what is known of this item and nothing else. What you
        wrote yourself stays.
      </p>
      <Pills label="Manner" value={manner} choices={MANNERS} onChoose={setManner} />
      <div className="mt-4 flex justify-end">
        <Button kind="do" disabled={busy} onClick={write}>
          {busy ? 'Writing…' : 'Write drafts'}
        </Button>
      </div>
      {draft && (
        <dl className="mt-3 border-t border-line pt-3 text-[13px]" role="status">
          <dt className="text-mute">Made of</dt>
          <dd>{draft.used.join(', ') || 'the name alone'}</dd>
          {draft.missing.length > 0 && (
            <>
              <dt className="mt-1.5 text-mute">Not known, and worth saying</dt>
              <dd className="font-medium text-ochre">{draft.missing.join(', ')}</dd>
            </>
          )}
        </dl>
      )}
    </Popup>
  );
}
