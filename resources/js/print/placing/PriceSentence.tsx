import { clsx } from 'clsx';
import { useTyped } from '@/lib/useTyped';
import type { PlacingView, TwoPricesView } from '@/types/print';
import { BLANK } from '@/ui/blank';
import { Button } from '@/ui/Button';
import { ChosenWord } from './ChosenWord';

interface Written {
  low: string;
  upTo: string;
  high: string;
}

interface Props {
  view: PlacingView;
  onSay: (own: { prices: Written | null }) => Promise<unknown>;
}

const written = ({ low, upTo, high }: TwoPricesView): Written => ({ low, upTo, high });

/** What it asks: by the recipe, or one price up to a size and another above; with what would keep enough in each. */
export function PriceSentence({ view, onSay }: Props) {
  const { prices, proposal } = view;
  const sizes = view.sizes.filter((s) => s.name !== '');
  const short = view.sizes.filter((s) => s.chosen && (s.loses || s.short));
  const put = (change: Partial<Written>) => {
    if (prices) void onSay({ prices: { ...written(prices), ...change } });
  };
  return (
    <div className="mt-6 text-[15.5px] leading-[1.9]" data-prices>
      {prices === null ? (
        <>Your recipe prices {sizes.length > 1 ? 'each size' : 'it'}. </>
      ) : (
        <>
          It asks{' '}
          <Amount
            label="Price"
            value={prices.low}
            onSay={(low) => put(sizes.length > 1 ? { low } : { low, high: low })}
          />
          {sizes.length > 1 && (
            <>
              {' '}
              up to{' '}
              <ChosenWord
                label="Up to which size"
                value={prices.upTo}
                choices={sizes.map((s) => ({ value: s.name, label: s.name }))}
                onPick={(upTo) => put({ upTo })}
              />{' '}
              and <Amount label="Price above" value={prices.high} onSay={(high) => put({ high })} /> above
            </>
          )}
          .{' '}
        </>
      )}
      {short.map((s) => (
        <b key={s.name} className="font-semibold text-ochre">
          {s.name === '' ? 'It' : s.name} keeps {s.keeps}.{' '}
        </b>
      ))}
      {view.steps !== '' && <span className="text-[13.5px] text-mute">{view.steps}</span>}
      <span className="flex flex-wrap gap-x-4">
        {proposal && (
          <Button kind="quiet" small onClick={() => void onSay({ prices: written(proposal) })}>
            Ask {proposal.words}
            {sizes.length > 1 ? ', so that each keeps as much as the first' : ' instead'}
          </Button>
        )}
        {prices && (
          <Button kind="quiet" small onClick={() => void onSay({ prices: null })}>
            Let the recipe price it
          </Button>
        )}
      </span>
    </div>
  );
}

function Amount({ label, value, onSay }: { label: string; value: string; onSay: (typed: string) => void }) {
  const typed = useTyped(
    value,
    (said) => {
      onSay(said);
      return Promise.resolve(true);
    },
    { refused: 'let go', trimmed: true },
  );
  return (
    <input
      aria-label={label}
      inputMode="decimal"
      className={clsx(BLANK, 'text-right')}
      style={{ width: `${String(Math.max(4, typed.value.length) + 0.8)}ch` }}
      {...typed.field}
      onFocus={(e) => e.target.select()}
    />
  );
}
