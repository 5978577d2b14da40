import { clsx } from 'clsx';
import { useEffect, useState } from 'react';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import type { ListingAnswerView, ListingView, TwinsView } from '@/types/bench';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';

interface Props {
  listing: number;
  option: string | null;
  onClose: () => void;
  onDropped: (listing: ListingView, change: number, words: string) => void;
}

/** What dropping an option comes to: which twins fall together, which one is kept and why. Another can be chosen. */
export function DropSheet({ listing, option, onClose, onDropped }: Props) {
  const handle = useHandle();
  const [twins, setTwins] = useState<TwinsView | null>(null);
  const [kept, setKept] = useState<Record<number, number>>({});
  const { busy, during } = useSend();

  useEffect(() => {
    setTwins(null);
    setKept({});
    if (option === null) return;
    const ask = new AbortController();
    send<TwinsView>('GET', route('bench.twins', [handle, listing, { option }]), undefined, ask.signal)
      .then(setTwins)
      .catch((e: unknown) => {
        if (!ask.signal.aborted) sayTrouble(e);
      });
    return () => ask.abort();
  }, [handle, listing, option]);

  const drop = () => {
    void during(
      send<ListingAnswerView>('POST', route('bench.drop', [handle, listing]), {
        option,
        keep: Object.values(kept),
      }).then((answer) => {
        onDropped(
          answer.listing,
          answer.change,
          `“${twins?.shown ?? ''}” is dropped; ${String(twins?.after ?? 0)} variants are left.`,
        );
        onClose();
      }),
    );
  };
  return (
    <Sheet
      open={option !== null}
      title={`Drop “${twins?.shown ?? option ?? ''}”`}
      onClose={onClose}
      foot={
        twins && (
          <>
            <Button kind="do" disabled={busy} onClick={drop}>
              Drop it: {twins.before} become {twins.after}
            </Button>
            <span className="text-mute">Shoppers never see it. It can be taken up again.</span>
          </>
        )
      }
    >
      {!twins && <p className="text-mute">Looking which variants fall together…</p>}
      {twins && (
        <>
          <p className="mb-4 text-mute">
            Without it some variants are the same thing. Of each, the one that serves {twins.market} best is kept: what
            lands cheapest, then fastest, then most in stock. The others stand in while it is sold out, if they keep
            your promise of days.
          </p>
          {twins.groups.map((g, n) => {
            const first = g.twins[0]?.id ?? 0;
            const chosen = kept[n] ?? first;
            return (
              <fieldset key={g.label} className="border-t border-line py-3" data-twins={g.label}>
                <legend className="float-left mb-1 w-full font-semibold">
                  {g.label}{' '}
                  <span className="ml-1 font-normal text-mute">{chosen === first ? g.why : 'you say so'}</span>
                </legend>
                {g.twins.map((t) => (
                  <label
                    key={t.id}
                    className={clsx(
                      'clear-both flex items-center gap-3 py-1',
                      t.id === chosen ? 'font-semibold' : 'text-mute',
                    )}
                  >
                    <input
                      type="radio"
                      name={`kept-${String(n)}`}
                      checked={t.id === chosen}
                      onChange={() => setKept((k) => ({ ...k, [n]: t.id }))}
                      className="accent-[#a8431f]"
                    />
                    <span className="w-20 truncate">{t.value}</span>
                    <span className="w-20 text-right">{t.landed?.text ?? 'not sent'}</span>
                    <span className="w-32">{t.days}</span>
                    <span className="w-24 text-right text-sup">{t.stock} in stock</span>
                    <span className="flex-1 text-right text-[12.5px] font-normal text-mute">
                      {t.id === chosen ? 'kept' : t.standsIn ? 'stands in' : 'too slow'}
                    </span>
                  </label>
                ))}
              </fieldset>
            );
          })}
        </>
      )}
    </Sheet>
  );
}
