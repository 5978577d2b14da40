import { useEffect, useState } from 'react';
import type { ListingView } from '@/types';
import { Held } from '@/ui/Voices';

/** How the prices are made, as a sentence whose figures can be changed in place. */
export function RecipeLine({
  listing,
  onSay,
}: {
  listing: ListingView;
  onSay: (recipe: { factor: string; ending: number } | null) => Promise<boolean>;
}) {
  const [factor, setFactor] = useState(listing.recipeFactor);
  const [ending, setEnding] = useState(String(listing.recipeEnding));
  useEffect(() => {
    setFactor(listing.recipeFactor);
    setEnding(String(listing.recipeEnding));
  }, [listing.recipeFactor, listing.recipeEnding]);
  const save = () => {
    if (factor !== listing.recipeFactor || ending !== String(listing.recipeEnding)) {
      void onSay({ factor, ending: Number(ending) }).then((ok) => {
        if (!ok) {
          setFactor(listing.recipeFactor);
          setEnding(String(listing.recipeEnding));
        }
      });
    }
  };
  const line = 'underlined bg-transparent text-center font-semibold text-ink outline-none';
  return (
    <p className="mb-2 flex flex-wrap items-baseline gap-1.5 text-mute" id="place-price">
      Priced at landed cost ×
      <input
        aria-label="Factor"
        value={factor}
        inputMode="decimal"
        onChange={(e) => {
          setFactor(e.target.value);
        }}
        onBlur={save}
        onKeyDown={(e) => {
          if (e.key === 'Enter') e.currentTarget.blur();
        }}
        className={`${line} w-12`}
      />
      , rounded up to end in .
      <input
        aria-label="Ending"
        value={ending}
        inputMode="numeric"
        onChange={(e) => {
          setEnding(e.target.value);
        }}
        onBlur={save}
        onKeyDown={(e) => {
          if (e.key === 'Enter') e.currentTarget.blur();
        }}
        className={`${line} w-9`}
      />
      {listing.recipeHeld ? <Held held what="the recipe" onFollow={() => void onSay(null)} /> : <span>as set for the stall</span>}
    </p>
  );
}
