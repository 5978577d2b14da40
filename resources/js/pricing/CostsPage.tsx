import { TillStrip } from '@/bench/listing/TillStrip';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useGiven } from '@/lib/useGiven';
import { useHandle } from '@/lib/useStall';
import { CostLines } from '@/pricing/costs/CostLines';
import { ExchangeRates } from '@/pricing/costs/ExchangeRates';
import { MarketList } from '@/pricing/costs/MarketList';
import { FreeDelivery } from '@/pricing/FreeDelivery';
import { PricingHead } from '@/pricing/PricingHead';
import { usePricingUndo } from '@/pricing/usePricingUndo';
import type { CostSheetView, CostsAnswerView } from '@/types/pricing';

const SAYS =
  'What every sale bears besides the goods. Change a line and leave it: every price and every keep follows, ' +
  'and the sample along the bottom shows what it does.';

/** What every sale bears. A line is saved as it is left; prices follow, and the sample shows what it does. */
export default function CostsPage({
  sheet: given,
  countries,
}: {
  sheet: CostSheetView;
  countries: { code: string; name: string }[];
}) {
  const handle = useHandle();
  const [sheet, setSheet] = useGiven(given);
  const undo = usePricingUndo();
  const ask = (method: 'PATCH' | 'POST', url: string, body?: unknown): Promise<boolean> =>
    send<CostsAnswerView>(method, url, body)
      .then((answer) => {
        setSheet(answer.sheet);
        if (answer.change !== null) undo(answer.change, answer.words, answer.run);
        return true;
      })
      .catch((e: unknown) => {
        sayTrouble(e);
        return false;
      });
  const save = (body: unknown) => ask('PATCH', route('pricing.costs.update', handle), body);
  const sell = (market: string, sold: boolean) => ask('POST', route('pricing.costs.market', handle), { market, sold });
  const field = (key: string) => sheet.fields.find((f) => f.key === key);
  const figure = 'w-20 py-0.5 text-right font-semibold';

  return (
    <div className="flex min-h-full flex-col">
      <PricingHead at="costs" says={SAYS}>
        {Object.keys(sheet.samples).length > 0 && (
          <label className="flex items-baseline gap-1.5 text-mute">
            sample
            <select
              aria-label="Sample listing"
              value={sheet.sample ?? ''}
              onChange={(e) => void save({ sample: Number(e.target.value) })}
              className="max-w-[220px] border-b border-rule bg-transparent py-0.5 font-semibold text-ink"
            >
              {Object.entries(sheet.samples).map(([id, title]) => (
                <option key={id} value={id}>
                  {title}
                </option>
              ))}
            </select>
          </label>
        )}
      </PricingHead>
      <div className="grid flex-1 gap-10 px-6 pb-8 max-md:px-5 lg:grid-cols-[1fr_420px]">
        <div className="min-w-0">
          <CostLines figure={figure} field={field} save={save} sheet={sheet} handle={handle} />
          <MarketList sheet={sheet} save={save} sell={sell} countries={countries} />
        </div>
        <div>
          <ExchangeRates ask={ask} handle={handle} save={save} sheet={sheet} field={field} />
          <FreeDelivery
            over={sheet.freeOver}
            currency={sheet.currency}
            version={sheet}
            onSay={(free_over) => save({ free_over })}
            onBuildIn={(build_in) => save({ build_in })}
          />
        </div>
      </div>
      <div className="sticky bottom-0">
        <TillStrip
          sale={sheet.sale}
          trouble={sheet.sale ? null : 'Put a listing on the bench, and it stands here as a sample.'}
        />
      </div>
    </div>
  );
}
