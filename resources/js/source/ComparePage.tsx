import { Loses } from '@/ui/Asked';
import type { ReactNode } from 'react';
import { Head, Link, router } from '@inertiajs/react';
import { CheckCircleIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import { useState } from 'react';
import { useHandle } from '@/lib/useStall';
import type { ComparisonView, MarketView } from '@/types/source';
import { MarketSelect } from '@/ui/MarketSelect';
import { Button } from '@/ui/Button';
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

const ROWS = [
  { key: 'landed', name: 'Landed' },
  { key: 'goods', name: 'Goods' },
  { key: 'delivery', name: 'Delivery' },
  { key: 'days', name: 'Arrives in' },
  { key: 'stock', name: 'In stock' },
  { key: 'variants', name: 'Variants of the item' },
  { key: 'rating', name: 'Rated' },
  { key: 'rrp', name: 'RRP' },
];

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
  const cell = (key: string, i: number, value: ReactNode, strong = false) => {
    const best = comparison.best[key]?.includes(i) ?? false;
    return (
      <td
        key={i}
        className={clsx(
          'px-3 py-2.5',
          best && 'bg-see-soft font-semibold text-see',
          strong && !best && 'font-semibold',
        )}
      >
        {value ?? <span className="text-mute">not known</span>}
        {best && (
          <span className="ml-2 inline-flex items-center gap-1 text-[12px] whitespace-nowrap">
            <CheckCircleIcon size={14} weight="fill" aria-hidden />
            best
          </span>
        )}
      </td>
    );
  };
  return (
    <div className="px-6 py-6">
      <Head title="Side by side" />
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
      <table className="w-full table-fixed border-collapse bg-sheet">
        <colgroup>
          <col className="w-[150px]" />
          {comparison.items.map((i) => (
            <col key={i.id} />
          ))}
        </colgroup>
        <thead>
          <tr className="align-top">
            <th scope="col">
              <span className="sr-only">What</span>
            </th>
            {comparison.items.map((i) => (
              <th key={i.id} scope="col" className="border-l border-line px-3 pb-3 text-left font-normal">
                {i.picture && (
                  <img
                    src={i.picture}
                    alt=""
                    className={clsx(
                      'w-full rounded-md border border-line object-cover',
                      n > 3 ? 'aspect-[4/3]' : n > 2 ? 'aspect-[16/10]' : 'aspect-[21/9]',
                    )}
                  />
                )}
                <span className="mt-2 line-clamp-2 min-h-[2.8em] leading-[1.4] font-semibold text-sup" title={i.title}>
                  {i.title}
                </span>
                <span className="block text-[12.5px] text-mute">
                  {i.supplier} · {i.code}
                </span>
                <span className="block text-[13px]">{i.variant}</span>
                {i.trouble && (
                  <span role="alert" className="mt-1 block text-[13px] font-medium text-ochre">
                    {i.trouble}
                  </span>
                )}
              </th>
            ))}
          </tr>
        </thead>
        <tbody className="[&>tr]:border-t [&>tr]:border-line [&_td]:border-l [&_td]:border-line">
          {price && !priceTrouble && (
            <tr>
              <th scope="row" className="px-3 text-left font-semibold text-you">
                You keep
              </th>
              {comparison.items.map((i, at) =>
                cell(
                  'keep',
                  at,
                  i.rows.keep && i.loses ? <Loses amount={i.rows.keep.replace(/^[−-]/, '')} /> : i.rows.keep,
                  true,
                ),
              )}
            </tr>
          )}
          {ROWS.filter((r) => comparison.items.some((i) => i.rows[r.key] !== null)).map((r) => (
            <tr key={r.key}>
              <th scope="row" className="px-3 text-left font-normal text-mute">
                {r.name}
              </th>
              {comparison.items.map((i, at) => cell(r.key, at, i.rows[r.key], r.key === 'landed'))}
            </tr>
          ))}
          <tr>
            <th scope="row">
              <span className="sr-only">Take</span>
            </th>
            {comparison.items.map((i) => (
              <td key={i.id} className="px-3 py-3">
                {i.taken ? (
                  <span className="text-mute">It lies on your bench.</span>
                ) : (
                  <Button
                    small
                    onClick={() => router.post(route('source.take', handle), { items: [i.id] })}
                    aria-label={`Take to bench: ${i.title}`}
                  >
                    Take to the bench
                  </Button>
                )}
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </div>
  );
}
