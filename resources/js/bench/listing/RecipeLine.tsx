import { count } from '@/lib/plural';
import { Link } from '@inertiajs/react';
import { useState } from 'react';
import { useHandle } from '@/lib/useStall';
import { MultiBuy } from '@/bench/slots';
import { RecipeSentence } from '@/stall/RecipeSentence';
import type { ListingView } from '@/types/bench';
import type { RecipeFormView } from '@/types/stall';
import { Held } from '@/ui/Voices';

interface Props {
  listing: ListingView;
  onSay: (recipe: RecipeFormView | null) => Promise<boolean>;
  onAcross: (across: { across: string; option?: string; groups?: string[][] }) => Promise<boolean>;
}

/**
 * How the prices are made: the stall's recipe by its name, or the listing's own as a sentence; and how variants' prices
 * go together.
 */
export function RecipeLine({ listing, onSay, onAcross }: Props) {
  const handle = useHandle();
  const { pricedBy } = listing;
  const [laddering, setLaddering] = useState(false);
  const sizes = listing.choices.options.filter((o) => !o.dropped && o.values.length > 1);
  const stepped = sizes.find((o) => o.name === pricedBy.option) ?? sizes[0];
  const word = 'field-sizing-content border-b border-rule/40 bg-transparent font-medium text-ink focus:border-you';
  return (
    <div className="mb-2 space-y-1.5" id="place-price">
      {pricedBy.held ? (
        <div className="flex items-start gap-3">
          <RecipeSentence name="of this listing" recipe={pricedBy.recipe} onSay={onSay} />
          <Held held what="the recipe" onFollow={() => void onSay(null)} />
        </div>
      ) : (
        <p className="text-mute">
          Priced by{' '}
          <Link
            href={route('pricing.recipes', handle)}
            className="font-medium text-ink underline decoration-line underline-offset-4"
          >
            “{pricedBy.name}”
          </Link>
          : {pricedBy.recipe.words}
          {pricedBy.others.length > 0 && (
            <>; other variants by {pricedBy.others.map((n) => `“${n}”`).join(', ')}</>
          )}.{' '}
          <button
            type="button"
            onClick={() => void onSay(pricedBy.recipe)}
            className="underline decoration-line underline-offset-4 hover:text-ink"
          >
            give it its own recipe
          </button>
        </p>
      )}
      <p className="flex flex-wrap items-baseline gap-1.5 text-mute">
        {listing.choices.variants.length > 1 && (
          <>
            <select
              aria-label="How the variants’ prices go together"
              value={pricedBy.across}
              onChange={(e) =>
                void onAcross(
                  e.target.value === 'stepped' && stepped
                    ? {
                        across: 'stepped',
                        option: stepped.name,
                        groups: [stepped.values.slice(0, -1).map((v) => v.value)],
                      }
                    : { across: e.target.value },
                )
              }
              className={word}
            >
              <option value="each">Each variant its own price</option>
              <option value="one">One price for all: the dearest decides</option>
              {sizes.length > 0 && <option value="stepped">One price up to a value, another above</option>}
            </select>
            {pricedBy.across === 'stepped' && stepped && (
              <>
                <select
                  aria-label="Option the price steps by"
                  value={stepped.name}
                  onChange={(e) => {
                    const o = sizes.find((s) => s.name === e.target.value);
                    if (o)
                      void onAcross({
                        across: 'stepped',
                        option: o.name,
                        groups: [o.values.slice(0, -1).map((v) => v.value)],
                      });
                  }}
                  className={word}
                >
                  {sizes.map((o) => (
                    <option key={o.name} value={o.name}>
                      {o.own || o.name}
                    </option>
                  ))}
                </select>
                up to
                <select
                  aria-label="The last value of the first step"
                  value={pricedBy.upTo}
                  onChange={(e) => {
                    const at = stepped.values.findIndex((v) => v.value === e.target.value);
                    void onAcross({
                      across: 'stepped',
                      option: stepped.name,
                      groups: [stepped.values.slice(0, at + 1).map((v) => v.value)],
                    });
                  }}
                  className={word}
                >
                  {stepped.values.slice(0, -1).map((v) => (
                    <option key={v.value} value={v.value}>
                      {v.own || v.value}
                    </option>
                  ))}
                </select>
              </>
            )}
            <span aria-hidden>·</span>
          </>
        )}
        <button
          type="button"
          onClick={() => setLaddering(true)}
          className="underline decoration-line underline-offset-4 hover:text-ink"
          data-ladder
        >
          {pricedBy.rungs === 0 ? 'multi-buy ladder' : `multi-buy ladder with ${count(pricedBy.rungs, 'rung')}`}
        </button>
      </p>
      <MultiBuy
        listing={laddering ? listing.id : null}
        title={listing.title.shown}
        onClose={() => setLaddering(false)}
      />
    </div>
  );
}
