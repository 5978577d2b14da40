import { Arrow } from '@/ui/Arrow';
import { useEffect, useState } from 'react';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import { ListingRules } from '@/drift/ListingRules';
import type { HistoryView } from '@/types/drift';
import { Sheet } from '@/ui/Sheet';

interface Props {
  listing: number;
  open: boolean;
  onClose: () => void;
  /** Told when something was set back, so that the listing is fetched anew. */
  onSetBack: () => void;
}

const VOICE: Record<string, string> = {
  supplier: 'text-sup border-sup',
  you: 'text-you border-you',
  shopper: 'text-see border-see',
};

/** A listing's timeline: what was said by whom and when, and at what price shoppers saw it. */
export function HistorySheet({ listing, open, onClose, onSetBack }: Props) {
  const handle = useHandle();
  const [history, setHistory] = useState<HistoryView | null>(null);
  const [trouble, setTrouble] = useState('');
  const fail = (e: unknown) => {
    setTrouble(words(e));
  };
  const load = () => {
    send<HistoryView>('GET', route('drift.history', [handle, listing]))
      .then(setHistory)
      .catch(fail);
  };
  // eslint-disable-next-line react-hooks/exhaustive-deps
  useEffect(() => (open ? load() : undefined), [open, listing]);
  const setBack = (change: number) => {
    send('POST', route('drift.set-back', handle), { changes: [change] })
      .then(() => {
        setTrouble('');
        load();
        onSetBack();
      })
      .catch(fail);
  };
  return (
    <Sheet open={open} title="What was said of it" onClose={onClose}>
      {trouble !== '' && (
        <p role="alert" className="mb-3 border-l-4 border-you bg-you-soft px-3 py-2">
          {trouble}
        </p>
      )}
      {history?.moments.length === 0 && <p className="text-mute">Nothing has changed since it was taken.</p>}
      {history && (
        <ListingRules
          rules={history.rules}
          onSay={(said) => {
            send<HistoryView>('PUT', route('drift.listing-rules', [handle, listing]), said)
              .then((told) => {
                setTrouble('');
                setHistory(told);
                if ('keptBack' in said) onSetBack();
              })
              .catch(fail);
          }}
        />
      )}
      <ol aria-label="Timeline">
        {history?.moments.map((moment, n) => (
          <li key={n} className="grid grid-cols-[110px_1fr] gap-4 border-t border-shade py-2">
            <time className="text-[12.5px] text-mute" title={moment.at}>
              {moment.ago}
            </time>
            <div className={`border-l-2 pl-3 ${VOICE[moment.voice] ?? ''}`}>
              <span className="font-semibold">{moment.who}</span> <span className="text-ink">{moment.about}</span>
              {moment.after !== '' && (
                <p>
                  {moment.before !== '' && (
                    <>
                      <span className="line-through decoration-current/40">{moment.before}</span> <Arrow />{' '}
                    </>
                  )}
                  <b className="font-semibold">{moment.after}</b>
                </p>
              )}
              {(moment.came !== '' || moment.settable !== null) && (
                <p className="text-[12.5px] text-mute">
                  {moment.came}
                  {moment.settable !== null && (
                    <button
                      type="button"
                      className="ml-3 underline decoration-rule underline-offset-3 hover:text-you"
                      onClick={() => {
                        if (moment.settable !== null) setBack(moment.settable);
                      }}
                    >
                      set back what was before
                    </button>
                  )}
                </p>
              )}
            </div>
          </li>
        ))}
      </ol>
    </Sheet>
  );
}
