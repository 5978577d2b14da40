import { plural } from '@/lib/plural';
import { Head, Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useHandle } from '@/lib/useStall';
import type { OrderRowView } from '@/types';
import { Empty } from '@/ui/Empty';
import { Kept } from '@/ui/Asked';
import { Thumb } from '@/ui/Thumb';
import { Pager } from '@/ui/Pager';

interface Props {
  orders: OrderRowView[];
  unpaid: number;
  letters: number;
  next: string | null;
  previous: string | null;
  shopUrl: string;
}

export default function CounterPage({ orders, unpaid, letters, next, previous, shopUrl }: Props) {
  const handle = useHandle();
  return (
    <div className="pb-10">
      <Head title="Counter" />
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-1 px-6 pt-5 pb-3">
        <h1 className="name text-[26px]">Counter</h1>
        <Link
          href={route('counter.letters', handle)}
          className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
        >
          Letters{letters > 0 && ` (${String(letters)} to answer)`}
        </Link>
        <Link
          href={route('delivery', handle)}
          className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
        >
          Where it goes
        </Link>
        <Link
          href={route('counter.payment', handle)}
          className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
        >
          How shoppers pay
        </Link>
        <Link
          href={route('counter.left', handle)}
          className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
        >
          Left at the checkout
        </Link>
        {unpaid > 0 && (
          <span className="text-mute">
            {unpaid} more {plural(unpaid, 'basket waits', 'baskets wait')} for payment
          </span>
        )}
      </div>
      {orders.length === 0 ? (
        <Empty
          title="No orders yet"
          step={
            <a
              href={shopUrl}
              target="_blank"
              rel="noreferrer"
              className="inline-block rounded-[7px] bg-till px-4 py-2.5 font-semibold text-sheet"
            >
              Try the shop as a shopper
            </a>
          }
        >
          When a shopper has paid, the order stands here, goes to its supplier by itself, and shows what it earned.
        </Empty>
      ) : (
        <table className="w-full">
          <thead>
            <tr className="text-left text-[12.5px] text-mute [&>th]:px-2 [&>th]:py-1.5 [&>th]:font-normal">
              <th scope="col" className="pl-6!">
                Order
              </th>
              <th scope="col">Goods</th>
              <td className="max-md:hidden" />
              <th scope="col" className="max-lg:hidden">
                For
              </th>
              <th scope="col">Stands</th>
              <th scope="col" className="text-right">
                Paid
              </th>
              <th scope="col" className="text-right">
                You keep
              </th>
              <th scope="col" className="pr-6! text-right max-md:hidden">
                Margin
              </th>
            </tr>
          </thead>
          <tbody>
            {orders.map((o) => (
              <tr
                key={o.id}
                className="border-t border-line bg-sheet hover:bg-paper [&>td]:px-2 [&>td]:py-2"
                data-order={o.number}
              >
                <td className="pl-6! whitespace-nowrap">
                  <Link href={route('counter.order', [handle, o.id])} className="font-semibold hover:underline">
                    {o.number}
                  </Link>
                  <span className="block text-[12.5px] text-mute">{o.when}</span>
                </td>
                <td className="w-[52px]">
                  <Thumb src={o.picture} size={40} />
                </td>
                <td className="max-w-0 w-[36%] truncate max-md:hidden" title={o.goods}>
                  <Link href={route('counter.order', [handle, o.id])} className="hover:underline" data-title>
                    {o.goods}
                  </Link>
                </td>
                <td className="text-mute max-lg:hidden">{o.shopper}</td>
                <td className={clsx(o.trouble && 'font-semibold text-loss')}>{o.stateWords}</td>
                <td className="text-right">{o.total.text}</td>
                <td className="text-right">
                  <Kept keep={o.keep} />
                  {o.keep && !o.costConfirmed && (
                    <span className="block text-[12px] font-normal text-mute">expected</span>
                  )}
                </td>
                <td className="pr-6! text-right max-md:hidden">{o.margin}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <Pager previous={previous} next={next} />
    </div>
  );
}
