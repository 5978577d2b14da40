import type { ReactNode } from 'react';
import { useWhole } from '@/lib/useWhole';
import { CellField } from '@/ui/CellField';
import type { MarketTermsView } from '@/types/pricing';

interface Props {
  market: MarketTermsView;
  currencies: string[];
  onSay: (terms: MarketTermsView) => Promise<boolean>;
  /** Sells there no longer. */
  onLeave: () => void;
}

/** What sales to one market bear, and how its price list is made, as a sentence. */
export function MarketTerms({ market: m, currencies, onSay, onLeave }: Props) {
  const change = useWhole(m, onSay);
  const say = (other: Partial<MarketTermsView>) => change((now) => ({ ...now, ...other }));
  const word = 'field-sizing-content border-b border-rule/40 bg-transparent font-medium text-ink focus:border-you';
  const figure = 'text-center font-semibold text-ink';
  return (
    <div
      className="grid gap-x-3 border-t md:grid-cols-[132px_1fr] border-line py-2.5 text-mute"
      data-market-terms={m.market}
    >
      <b className="font-semibold text-ink">{m.name}</b>
      <div className="flex flex-wrap items-baseline gap-x-3 gap-y-1">
        {m.home ? (
          <span>the home market</span>
        ) : (
          <>
            <Phrase>
              <select
                aria-label={`How prices in ${m.name} are made`}
                value={m.prices}
                onChange={(e) => void say({ prices: e.target.value })}
                className={word}
              >
                <option value="conversion">follows home prices</option>
                <option value="own">by its own costs</option>
              </select>
              in
              <select
                aria-label={`Currency in ${m.name}`}
                value={m.currency}
                onChange={(e) => void say({ currency: e.target.value })}
                className={word}
              >
                {currencies.map((c) => (
                  <option key={c}>{c}</option>
                ))}
              </select>
            </Phrase>
            <Phrase>
              up to end in
              <CellField
                label={`Ending in ${m.name}`}
                value={m.ending}
                placeholder="any"
                onSay={(ending) => say({ ending })}
                className={`${figure} w-12`}
              />
            </Phrase>
            <Phrase>
              tax
              <CellField
                label={`Tax in ${m.name}`}
                value={m.tax}
                placeholder="as home"
                onSay={(tax) => say({ tax })}
                className={`${figure} w-16`}
              />
              %
              <select
                aria-label={`How the tax in ${m.name} stands to the price`}
                value={m.taxOnTop ? 'top' : 'in'}
                onChange={(e) => void say({ taxOnTop: e.target.value === 'top' })}
                className={word}
              >
                <option value="in">inside</option>
                <option value="top">on top</option>
              </select>
            </Phrase>
          </>
        )}
        <Phrase>
          duty
          <CellField
            label={`Duty in ${m.name}`}
            value={m.duty}
            onSay={(duty) => say({ duty: duty === '' ? '0' : duty })}
            className={`${figure} w-12`}
          />
          % of
          <select
            aria-label={`What duty in ${m.name} is taken of`}
            value={m.dutyOn}
            onChange={(e) => void say({ dutyOn: e.target.value })}
            className={word}
          >
            <option value="goods_and_delivery">goods and delivery</option>
            <option value="goods">goods alone</option>
          </select>
        </Phrase>
        <span className="ml-auto text-[13px]">{m.effect}</span>
        {!m.home && (
          <button
            type="button"
            onClick={onLeave}
            className="text-[13px] underline decoration-line underline-offset-4 hover:text-ink"
          >
            no longer sell there
          </button>
        )}
      </div>
    </div>
  );
}

/** Words and figures that stay on one line. */
function Phrase({ children }: { children: ReactNode }) {
  return <span className="inline-flex items-baseline gap-1.5 whitespace-nowrap">{children}</span>;
}
