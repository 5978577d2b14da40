import { XIcon } from '@phosphor-icons/react';
import { useEffect, useState } from 'react';
import { send } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { WrittenOff } from '@/offers/written';
import type { SetOfferView, ShelfChoiceView } from '@/types/offers';
import { Kept } from '@/ui/Asked';
import { Button } from '@/ui/Button';
import { ChoiceField } from '@/ui/ChoiceField';
import { TextField } from '@/ui/TextField';

type WrittenSet = Extract<WrittenOff, { by: 'set' }>;

/** As the server has it. */
const MOST = 6;

/** Pause in typing after which the figures are asked for, in milliseconds. */
const PAUSE = 350;

interface Props {
  set: WrittenSet;
  goods: ShelfChoiceView[];
  currency: string;
  onSay: (set: WrittenSet) => void;
}

/** The goods of a set and its price, with what they come to apart and what is kept. */
export function SetFields({ set, goods, currency, onSay }: Props) {
  const offer = useOffer(set);
  const choices = goods.map((one) => ({ value: String(one.id), label: one.name }));
  const more = goods.find((one) => !set.goods.includes(one.id));
  return (
    <div className="grid gap-3">
      {set.goods.map((id, n) => (
        <div key={id} className="flex items-end gap-2">
          <div className="min-w-0 flex-1">
            <ChoiceField
              label={n === 0 ? 'One piece of' : 'and of'}
              value={String(id)}
              onChange={(e) =>
                onSay({ ...set, goods: set.goods.map((old, at) => (at === n ? Number(e.target.value) : old)) })
              }
              choices={choices.filter((c) => Number(c.value) === id || !set.goods.includes(Number(c.value)))}
            />
          </div>
          {set.goods.length > 2 && (
            <button
              type="button"
              aria-label={`Take ${goods.find((one) => one.id === id)?.name ?? 'it'} out`}
              className="pb-1.5 text-mute hover:text-ink"
              onClick={() => onSay({ ...set, goods: set.goods.filter((old) => old !== id) })}
            >
              <XIcon size={14} />
            </button>
          )}
        </div>
      ))}
      {more && set.goods.length < MOST && (
        <div>
          <Button small onClick={() => onSay({ ...set, goods: [...set.goods, more.id] })}>
            One more
          </Button>
        </div>
      )}
      <TextField
        label="Together for"
        after={currency}
        inputMode="decimal"
        required
        value={set.price}
        onChange={(e) => onSay({ ...set, price: e.target.value })}
      />
      {offer && (
        <div role="status" className="border-l-[3px] border-line pl-3" data-set-offer>
          <p>
            Apart they come to {offer.apart.text}
            {offer.keepApart && ` and keep ${offer.keepApart.text}`}.
            {offer.keep && (
              <>
                {' '}
                The set keeps <Kept keep={offer.keep} />.
              </>
            )}
          </p>
          <p className="text-[14px] text-mute">{offer.words}</p>
        </div>
      )}
    </div>
  );
}

/** What a set comes to, asked for when typing pauses. */
function useOffer(set: WrittenSet): SetOfferView | null {
  const handle = useHandle();
  const [offer, setOffer] = useState<SetOfferView | null>(null);
  const asked = JSON.stringify({ goods: set.goods, price: set.price.trim().replace(',', '.') });
  useEffect(() => {
    const ask = new AbortController();
    const later = setTimeout(() => {
      send<SetOfferView>('POST', route('codes.set', handle), JSON.parse(asked) as Record<string, unknown>, ask.signal)
        .then(setOffer)
        // What can't be read yet is said once the whole is said.
        .catch(() => setOffer((old) => (ask.signal.aborted ? old : null)));
    }, PAUSE);
    return () => {
      clearTimeout(later);
      ask.abort();
    };
  }, [asked, handle]);
  return offer;
}
