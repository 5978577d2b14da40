import { router } from '@inertiajs/react';
import { CheckCircleIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import type { ComparisonView } from '@/types/source';
import { Loses } from '@/ui/Asked';
import { Button } from '@/ui/Button';

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

interface Props {
  comparison: ComparisonView;
  n: number;
  price: string;
  priceTrouble: string | null;
  handle: string;
}

/** Items side by side, with the best of each row marked. */
export function CompareTable({ comparison, n, price, priceTrouble, handle }: Props) {
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
  );
}
