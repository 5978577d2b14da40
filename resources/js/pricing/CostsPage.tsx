import { useGiven } from '@/lib/useGiven';
import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useState } from 'react';
import { TillStrip } from '@/bench/listing/TillStrip';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import { CellField } from '@/ui/CellField';
import { FreeDelivery } from '@/pricing/FreeDelivery';
import { MarketTerms } from '@/pricing/MarketTerms';
import { PricingHead } from '@/pricing/PricingHead';
import { usePricingUndo } from '@/pricing/usePricingUndo';
import type { CostSheetView, CostsAnswerView } from '@/types/pricing';
import { Button } from '@/ui/Button';

const SAYS =
  'What every sale bears besides the goods. Change a line and leave it: every price and every keep follows, ' +
  'and the sample along the bottom shows what it does.';

const LINES: { key: string; name: string; unit: '%' | 'money'; says: string }[] = [
  { key: 'vat', name: 'Sales tax', unit: '%', says: 'of what shoppers pay' },
  {
    key: 'flat_delivery',
    name: 'Delivery charged',
    unit: 'money',
    says: '',
  },
  { key: 'payment_fee', name: 'Payment fee', unit: '%', says: 'of all that is paid, tax included' },
  { key: 'payment_fee_fixed', name: 'and for each payment', unit: 'money', says: '' },
  {
    key: 'platform_fee',
    name: 'Platform fee',
    unit: '%',
    says: 'of price and delivery, where a marketplace takes its share',
  },
  { key: 'returns', name: 'Returns', unit: '%', says: 'of what you receive, for goods that come back' },
  { key: 'advertising', name: 'Advertising', unit: 'money', says: 'spent for each order' },
  { key: 'handling', name: 'Handling', unit: 'money', says: 'for each parcel' },
];

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
  const [others, setOthers] = useState(false);
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
  const shown = sheet.rates.filter((r) => r.used || others);

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
          <table className="w-full border-t border-line" data-costs>
            <tbody>
              {LINES.map((l) => (
                <tr
                  key={l.key}
                  className="border-b border-line max-md:grid max-md:grid-cols-[1fr_auto] [&>td]:py-2"
                  data-cost={l.key}
                >
                  <td className="font-medium md:w-44">{l.name}</td>
                  <td className="whitespace-nowrap max-md:text-right md:w-36">
                    {l.key === 'flat_delivery' ? (
                      <span className={clsx(figure, 'inline-block')}>{field(l.key)?.value}</span>
                    ) : (
                      <CellField
                        label={l.name}
                        value={field(l.key)?.value ?? ''}
                        onSay={(value) => save({ fields: { [l.key]: value === '' ? '0' : value } })}
                        className={figure}
                      />
                    )}{' '}
                    <span className="text-mute">{l.unit === '%' ? '%' : sheet.currency}</span>
                  </td>
                  <td className="text-mute max-md:order-last max-md:py-0! max-md:pb-2!">
                    {l.key === 'vat' ? (
                      <select
                        aria-label="How the tax stands to the price"
                        value={sheet.taxOnTop ? 'top' : 'in'}
                        onChange={(e) => void save({ tax_on_top: e.target.value === 'top' })}
                        className="border-b border-rule/40 bg-transparent"
                      >
                        <option value="in">stands inside the price</option>
                        <option value="top">is put on top of the price</option>
                      </select>
                    ) : l.key === 'flat_delivery' ? (
                      <>
                        at home, as{' '}
                        <Link href={route('delivery', handle)} className="underline decoration-line underline-offset-4">
                          where it goes
                        </Link>{' '}
                        has it, which says it for every other place, too
                      </>
                    ) : (
                      l.says
                    )}
                  </td>
                  <td
                    className="text-right text-[13px] text-mute max-md:order-last max-md:max-w-[18ch] max-md:pt-0!"
                    data-effect
                  >
                    {field(l.key)?.effect}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
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
        </div>
        <div>
          <div className="flex items-baseline">
            <h2 className="name text-[19px]">Exchange rates</h2>
            <Button small className="ml-auto" onClick={() => void ask('POST', route('pricing.rates', handle))}>
              Take today’s over
            </Button>
          </div>
          <table className="mt-2 w-full border-t border-line" data-rates>
            <tbody>
              {shown.map((r) => (
                <tr key={r.from} className="border-b border-line [&>td]:py-1.5">
                  <td>
                    one <b className="font-semibold">{r.from}</b> costs
                  </td>
                  <td className="whitespace-nowrap">
                    <CellField
                      label={`One ${r.from} costs`}
                      value={r.rate}
                      onSay={(value) => save({ rates: { [r.from]: value } })}
                      className="w-24 py-0.5 text-right font-semibold"
                    />{' '}
                    <span className="text-mute">{sheet.currency}</span>
                  </td>
                  <td className="text-right text-[13px] text-mute">
                    {r.typed ? 'typed on' : 'of'} {r.day}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          {sheet.rates.some((r) => !r.used) && (
            <button
              type="button"
              onClick={() => setOthers(!others)}
              className="mt-1.5 text-[13px] text-mute underline decoration-line underline-offset-4"
            >
              {others ? 'only those in use' : `${String(sheet.rates.filter((r) => !r.used).length)} more`}
            </button>
          )}
          <div className="mt-4 space-y-2">
            <p>
              <CellField
                label="Cushion"
                value={sheet.cushion}
                onSay={(cushion) => save({ cushion })}
                className="w-12 py-0.5 text-center font-semibold"
              />{' '}
              % cushion on suppliers’ amounts, for rates that move{' '}
              <span className="text-[13px] text-mute">{sheet.cushionEffect && `· ${sheet.cushionEffect}`}</span>
            </p>
            <p>
              Prices stay while a rate moves less than{' '}
              <CellField
                label="Tolerance"
                value={field('rate_tolerance')?.value ?? ''}
                onSay={(value) => save({ fields: { rate_tolerance: value } })}
                className="w-12 py-0.5 text-center font-semibold"
              />{' '}
              %<span className="block text-[13px] text-mute">{field('rate_tolerance')?.effect}</span>
            </p>
          </div>
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
