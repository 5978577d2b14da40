import { MarketTerms } from '@/pricing/MarketTerms';
import type { CostSheetView } from '@/types/pricing';

interface Props {
  sheet: CostSheetView;
  save: (body: unknown) => Promise<boolean>;
  sell: (market: string, sold: boolean) => Promise<boolean>;
  countries: { code: string; name: string }[];
}

/** The markets of the stall, each with its terms, and one more. */
export function MarketList({ sheet, save, sell, countries }: Props) {
  return (
    <>
      <h2 className="name mt-7 mb-1 text-[19px]">Markets</h2>
      <p className="mb-2 text-mute">
        Each has a price list of its own: the home market’s prices converted, or made from what goods cost there.
      </p>
      {sheet.markets.map((m) => (
        <MarketTerms
          key={m.market}
          market={m}
          currencies={sheet.currencies}
          onSay={(terms) => save({ market: m.market, terms })}
          onLeave={() => void sell(m.market, false)}
        />
      ))}
      <label className="flex items-baseline gap-2 border-t border-line py-2.5 text-mute">
        Sell to another country:
        <select
          aria-label="Sell to another country"
          value=""
          onChange={(e) => void sell(e.target.value, true)}
          className="max-w-[220px] border-b border-rule bg-transparent py-0.5 font-medium text-ink"
        >
          <option value="">choose one</option>
          {countries
            .filter((c) => sheet.markets.every((m) => m.market !== c.code))
            .map((c) => (
              <option key={c.code} value={c.code}>
                {c.name}
              </option>
            ))}
        </select>
      </label>
    </>
  );
}
