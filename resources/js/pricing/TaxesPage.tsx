import { useState } from 'react';
import type { Parts } from '@/lib/parts';
import { send } from '@/lib/http';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import { PricingHead } from '@/pricing/PricingHead';
import { TaxGoods } from '@/pricing/TaxGoods';
import { TaxMarket } from '@/pricing/TaxMarket';
import { TaxRateEditor } from '@/pricing/TaxRateEditor';
import { usePricingUndo } from '@/pricing/usePricingUndo';
import type { TaxesView } from '@/types/pricing';

interface Props {
  taxes: TaxesView;
  parts: Parts;
}

const SAYS =
  'What each country takes of a sale. Most goods bear its standard rate, which stands on the cost sheet; what is ' +
  'said here goes before it, from its first day on. Orders that were placed stay as they were.';

/** How sales are taxed: country by country as sentences, and the goods that bear another rate. */
export default function TaxesPage({ taxes: first, parts }: Props) {
  const handle = useHandle();
  const [taxes, setTaxes] = useState(first);
  const { during } = useSend();
  const offerUndo = usePricingUndo(
    () => void during(send<TaxesView>('GET', route('taxes.now', handle)).then(setTaxes)),
  );
  const say = (call: Promise<TaxesView>) =>
    during(
      call.then((done) => {
        setTaxes(done);
        if (done.change !== null) offerUndo(done.change, done.words);
      }),
    );
  return (
    <div className="pb-16">
      <PricingHead at="taxes" says={SAYS} />
      <div className="grid items-start gap-x-10 gap-y-8 px-6 lg:grid-cols-[minmax(0,1fr)_340px]">
        <ul aria-label="Countries">
          {taxes.markets.map((market) => (
            <TaxMarket
              key={market.country}
              market={market}
              taxes={taxes}
              onSay={(said) => say(send<TaxesView>('PUT', route('taxes.market', [handle, market.country]), said))}
              onBegin={() => say(send<TaxesView>('POST', route('taxes.begin', [handle, market.country])))}
              editor={(rate, trigger) => (
                <TaxRateEditor
                  country={market.country}
                  rate={rate}
                  parts={parts[market.country] ?? []}
                  trigger={trigger}
                  onSay={(said) =>
                    say(
                      rate === null
                        ? send<TaxesView>('POST', route('taxes.store', handle), said)
                        : send<TaxesView>('PATCH', route('taxes.update', [handle, rate.id]), said),
                    )
                  }
                  onRemove={
                    rate === null
                      ? undefined
                      : () => say(send<TaxesView>('DELETE', route('taxes.destroy', [handle, rate.id])))
                  }
                />
              )}
            />
          ))}
        </ul>
        <TaxGoods taxes={taxes} onSay={(said) => say(send<TaxesView>('PUT', route('taxes.goods', handle), said))} />
      </div>
    </div>
  );
}
