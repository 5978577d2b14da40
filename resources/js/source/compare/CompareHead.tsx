import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { Dispatch, SetStateAction } from 'react';
import type { ComparisonView, MarketView } from '@/types/source';
import { MarketSelect } from '@/ui/MarketSelect';

interface Props {
  handle: string;
  comparison: ComparisonView;
  go: (other: Record<string, string | number[]>) => void;
  market: string;
  markets: MarketView[];
  typed: string;
  setTyped: Dispatch<SetStateAction<string>>;
  price: string;
  currency: string;
  priceTrouble: string | null;
}

/** Back to Source, and what is compared: which variant, sold where, at which price. */
export function CompareHead({
  handle,
  comparison,
  go,
  market,
  markets,
  typed,
  setTyped,
  price,
  currency,
  priceTrouble,
}: Props) {
  return (
    <div className="mb-4 flex flex-wrap items-end gap-x-8 gap-y-3">
      <div className="flex-1">
        <Link
          href={route('source', handle)}
          className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
        >
          Back to Source
        </Link>
        <h1 className="name mt-1 text-[26px]">Side by side</h1>
      </div>
      {comparison.shared.length > 0 && (
        <label className="text-[12.5px] text-mute">
          Compare the variant
          <select
            value={comparison.barcode}
            data-barcode
            onChange={(e) => go({ barcode: e.target.value })}
            className="block border-b-[1.5px] border-rule bg-transparent py-1 text-[15px] font-medium text-ink"
          >
            <option value="">that lands cheapest</option>
            {comparison.shared.map((b) => (
              <option key={b} value={b}>
                with barcode {b}
              </option>
            ))}
          </select>
        </label>
      )}
      <label className="text-[12.5px] text-mute">
        Sold to
        <MarketSelect
          market={market}
          markets={markets}
          onTurn={(to) => go({ to })}
          className="block border-b-[1.5px] border-rule py-1 text-[15px]"
        />
      </label>
      <label className="text-[12.5px] text-mute">
        If I sold each at
        <span className="flex items-baseline border-b-[1.5px] border-rule focus-within:border-you">
          <input
            value={typed}
            inputMode="decimal"
            data-price
            placeholder="…"
            onChange={(e) => {
              setTyped(e.target.value);
            }}
            onBlur={() => typed !== price && go({ price: typed })}
            onKeyDown={(e) => {
              if (e.key === 'Enter') e.currentTarget.blur();
            }}
            className={clsx(
              'w-24 bg-transparent py-1 text-[15px] font-semibold text-you ',
              'placeholder:font-normal placeholder:text-rule',
            )}
          />
          {currency}
        </span>
        {priceTrouble && <span className="block font-medium text-you">{priceTrouble}</span>}
      </label>
    </div>
  );
}
