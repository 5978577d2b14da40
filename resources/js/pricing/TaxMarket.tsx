import { clsx } from 'clsx';
import { useState, type ReactNode, type SyntheticEvent } from 'react';
import type { TaxMarketView, TaxRateView, TaxesView } from '@/types/pricing';
import { ChoiceField } from '@/ui/ChoiceField';
import { Popup } from '@/ui/Popup';
import { SayFoot } from '@/ui/SayFoot';
import { TextField } from '@/ui/TextField';

interface Props {
  market: TaxMarketView;
  taxes: TaxesView;
  onSay: (said: object) => Promise<boolean>;
  onBegin: () => Promise<boolean>;
  editor: (rate: TaxRateView | null, trigger: ReactNode) => ReactNode;
}

const PART = 'border-b-[1.5px] border-you leading-tight font-semibold text-you hover:bg-you-soft';
const FEW = 6;

/** How sales to a country are taxed, as sentences whose parts are changed where they stand. */
export function TaxMarket({ market, taxes, onSay, onBegin, editor }: Props) {
  const [all, setAll] = useState(false);
  const rates = all ? market.rates : market.rates.slice(0, FEW);
  const rest = market.rates.length - rates.length;
  return (
    <li className="border-t border-line py-4 text-[16px] leading-relaxed" data-country={market.country}>
      <p>
        <b className="font-semibold">{market.name.charAt(0).toUpperCase() + market.name.slice(1)}</b> takes{' '}
        {market.standard}. Delivery is taxed{' '}
        <MarketEditor market={market} taxes={taxes} onSay={onSay}>
          {market.delivery}
        </MarketEditor>
        , and tax is rounded {market.rounding}.
        {!market.home && (market.reverse ? ' Businesses with a number buy without it.' : ' Businesses pay it, too.')}
        {market.soFar !== '' && (
          <span className={clsx(market.over && 'font-semibold text-you')}>
            {' '}
            {market.soFar}
            {market.over ? ': tax is owed there now.' : '.'}
          </span>
        )}
      </p>
      {rates.length > 0 && (
        <ul className="mt-1 grid gap-0.5 text-[15px]">
          {rates.map((rate) => (
            <li key={rate.id} className="flex flex-wrap items-baseline gap-x-2" data-rate={rate.id}>
              {editor(
                rate,
                <button type="button" className={PART}>
                  {rate.rate}
                </button>,
              )}
              <span>
                {rate.class === 'reduced' ? 'for goods at the reduced rate' : 'for most goods'}
                {rate.where !== '' && ` to ${rate.where}`}
                {rate.from !== '' && `, ${rate.from}`}
              </span>
              {rate.source !== '' && <span className="text-[13px] text-mute">{rate.source}</span>}
            </li>
          ))}
        </ul>
      )}
      <p className="mt-1 flex flex-wrap gap-x-5 text-[14px]">
        {rest > 0 && (
          <button type="button" onClick={() => setAll(true)} className="text-mute underline underline-offset-4">
            and {rest} more
          </button>
        )}
        {editor(
          null,
          <button type="button" className="text-you underline underline-offset-4">
            another rate
          </button>,
        )}
        {market.known && (
          <button type="button" onClick={() => void onBegin()} className="text-you underline underline-offset-4">
            take over the rates that are known
          </button>
        )}
      </p>
    </li>
  );
}

function MarketEditor({
  market,
  taxes,
  onSay,
  children,
}: Pick<Props, 'market' | 'taxes' | 'onSay'> & { children: ReactNode }) {
  const [open, setOpen] = useState(false);
  const written = () => ({
    delivery: market.deliveryAs,
    rounding: market.roundingBy,
    reverse: market.reverse,
    threshold: market.threshold,
  });
  const [said, setSaid] = useState(written);
  const say = (e: SyntheticEvent) => {
    e.preventDefault();
    const threshold = said.threshold.trim();
    void onSay({ ...said, threshold: threshold === '' ? null : threshold }).then((ok) => ok && setOpen(false));
  };
  return (
    <Popup
      width={420}
      align="start"
      open={open}
      onOpen={(next) => {
        if (next) setSaid(written());
        setOpen(next);
      }}
      trigger={
        <button type="button" className={PART}>
          {children}
        </button>
      }
    >
      <form onSubmit={say} className="grid gap-4 text-[15px] leading-normal">
        <ChoiceField
          label="A charge for delivery is taxed"
          value={said.delivery}
          onChange={(e) => setSaid({ ...said, delivery: e.target.value })}
          choices={taxes.deliveryChoices}
        />
        <ChoiceField
          label="Tax is rounded"
          value={said.rounding}
          onChange={(e) => setSaid({ ...said, rounding: e.target.value })}
          choices={taxes.roundingChoices}
        />
        {!market.home && (
          <>
            <label className="flex items-baseline gap-2">
              <input
                type="checkbox"
                checked={said.reverse}
                onChange={(e) => setSaid({ ...said, reverse: e.target.checked })}
                className="accent-you"
              />
              Businesses with a tax number buy without tax and owe it themselves
            </label>
            <TextField
              label="Tax is owed there from yearly sales of"
              after={market.currency}
              inputMode="decimal"
              placeholder="not watched"
              value={said.threshold}
              onChange={(e) => setSaid({ ...said, threshold: e.target.value })}
            />
          </>
        )}
        <SayFoot say="Say it" onDone={() => setOpen(false)} />
      </form>
    </Popup>
  );
}
