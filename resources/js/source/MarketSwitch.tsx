import { router } from '@inertiajs/react';
import { GlobeHemisphereWestIcon } from '@phosphor-icons/react';
import { useHandle } from '@/lib/useStall';
import type { MarketView } from '@/types/source';
import { MarketSelect } from '@/ui/MarketSelect';

interface Props {
  market: string;
  markets: MarketView[];
  countries: { code: string; name: string }[];
  onTurn: (market: string) => void;
}

/**
 * The country sold to: every cost, day count and warning turns to it. One never looked at before is worked out first;
 * looking sells nothing there.
 */
export function MarketSwitch({ market, markets, countries, onTurn }: Props) {
  const handle = useHandle();
  const known = new Set(markets.map((m) => m.code));
  return (
    <label className="flex items-center gap-1.5 whitespace-nowrap text-mute">
      <GlobeHemisphereWestIcon size={16} aria-hidden />
      sold to
      <MarketSelect
        market={market}
        markets={markets}
        className="max-w-[150px] border-b border-rule py-1"
        onTurn={(to) => {
          if (known.has(to)) onTurn(to);
          else router.post(route('source.market', handle), { market: to });
        }}
      >
        <optgroup label="Look at another country">
          {countries
            .filter((c) => !known.has(c.code))
            .map((c) => (
              <option key={c.code} value={c.code}>
                {c.name}
              </option>
            ))}
        </optgroup>
      </MarketSelect>
    </label>
  );
}
