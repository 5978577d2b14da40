import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { OrderRowView } from '@/types/counter';
import { Kept } from '@/ui/Asked';
import { Thumb } from '@/ui/Thumb';
import { Tick } from '@/ui/Tick';
import type { Rows } from '@/ui/useRowKeys';
import type { Selection } from '@/ui/useSelection';

interface Props {
  rows: Rows;
  orders: OrderRowView[];
  selection: Selection;
  handle: string;
}

/** The orders, each with how it stands and what it keeps. */
export function OrdersTable({ rows, orders, selection, handle }: Props) {
  return (
    <table className="w-full" {...rows.list}>
      <thead>
        <tr className="text-left text-[12.5px] text-mute [&>th]:px-2 [&>th]:py-1.5 [&>th]:font-normal">
          <td className="w-10 pl-6!" />
          <th scope="col">Order</th>
          <th scope="col" colSpan={2}>
            Goods
          </th>
          <th scope="col" className="max-lg:hidden">
            For
          </th>
          <th scope="col">Stands</th>
          <th scope="col" className="text-right">
            Paid
          </th>
          <th scope="col" className="pr-6! text-right">
            Keeps
          </th>
        </tr>
      </thead>
      <tbody>
        {orders.map((o, n) => (
          <tr
            key={o.id}
            className="border-t border-line bg-sheet hover:bg-paper [&>td]:px-2 [&>td]:py-2"
            data-order={o.number}
            data-row={n}
          >
            <td className="pl-6!">
              <Tick
                label={`Order ${String(o.number)}`}
                checked={selection.has(o.id)}
                onToggle={(range) => {
                  selection.toggle(o.id, range);
                }}
                tab={-1}
              />
            </td>
            <td className="whitespace-nowrap">
              <Link
                href={route('counter.order', [handle, o.id])}
                className="font-semibold hover:underline"
                data-hand
                tabIndex={rows.tab(n)}
              >
                {o.number}
              </Link>
              <span className="block text-[12.5px] text-mute">{o.when}</span>
            </td>
            <td className="w-[52px]">
              <Thumb src={o.picture} size={40} />
            </td>
            <td className="w-[34%] max-w-0 truncate" title={o.goods} data-title>
              {o.goods}
            </td>
            <td className="text-mute max-lg:hidden">{o.shopper}</td>
            <td className={clsx(o.trouble && 'font-semibold text-loss')}>{o.stateWords}</td>
            <td className="text-right">
              {o.total.text}
              {o.back && <span className="block text-[12px] text-mute">{o.back.text} back</span>}
            </td>
            <td className="pr-6! text-right">
              <Kept keep={o.keep} />
              {o.keep && !o.costConfirmed && <span className="block text-[12px] font-normal text-mute">expected</span>}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
