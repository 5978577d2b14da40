import { Head, Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { useHandle } from '@/lib/useStall';
import { CompareHead } from '@/source/compare/CompareHead';
import { CompareTable } from '@/source/compare/CompareTable';
import type { ComparisonView, MarketView } from '@/types/source';
import { Empty } from '@/ui/Empty';

interface Props {
  comparison: ComparisonView;
  ids: number[];
  price: string;
  priceTrouble: string | null;
  market: string;
  markets: MarketView[];
  currency: string;
}

/** Up to four items side by side; the best of each row is marked, in words as well as colour. */
export default function ComparePage({ comparison, ids, price, priceTrouble, market, markets, currency }: Props) {
  const handle = useHandle();
  const [typed, setTyped] = useState(price);
  const go = (other: Record<string, string | number[]>) => {
    const query = {
      items: ids,
      to: market,
      ...(price ? { price } : {}),
      ...(comparison.barcode ? { barcode: comparison.barcode } : {}),
      ...other,
    };
    router.get(route('source.compare', handle), query, { preserveState: true, preserveScroll: true, replace: true });
  };
  const n = comparison.items.length;
  if (n === 0) {
    return (
      <Empty
        title="Nothing to compare"
        step={
          <Link href={route('source', handle)} className="underline">
            Go to Source
          </Link>
        }
      >
        Choose two to four items in Source and press Compare.
      </Empty>
    );
  }
  return (
    <div className="px-6 py-6">
      <Head title="Side by side" />
      <CompareHead
        handle={handle}
        comparison={comparison}
        go={go}
        market={market}
        markets={markets}
        typed={typed}
        setTyped={setTyped}
        price={price}
        currency={currency}
        priceTrouble={priceTrouble}
      />
      <CompareTable comparison={comparison} n={n} price={price} priceTrouble={priceTrouble} handle={handle} />
    </div>
  );
}
