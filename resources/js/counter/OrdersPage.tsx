import { Head, Link, router } from '@inertiajs/react';
import { said, type By } from '@/counter/orders/by';
import { OrdersBy } from '@/counter/orders/OrdersBy';
import { OrdersTable } from '@/counter/orders/OrdersTable';
import { useHandle } from '@/lib/useStall';
import type { OrderRowView } from '@/types/counter';
import { Pager } from '@/ui/Pager';
import { SearchField } from '@/ui/SearchField';
import { SelectionBar } from '@/ui/SelectionBar';
import { useRowKeys } from '@/ui/useRowKeys';
import { useSelection } from '@/ui/useSelection';

interface Props {
  orders: OrderRowView[];
  by: By;
  stands: Record<string, string>;
  searches: { id: number; name: string; query: string }[];
  next: string | null;
  previous: string | null;
}

/** All orders: found by whatever is in hand, narrowed, kept as searches, and out as a file. */
export default function OrdersPage({ orders, by, stands, searches, next, previous }: Props) {
  const handle = useHandle();
  const selection = useSelection(orders.map((order) => order.id));
  const rows = useRowKeys(orders.length, {
    choose: (n) => {
      if (orders[n]) selection.toggle(orders[n].id, false);
    },
  });
  const ask = (change: Partial<By>) => {
    router.get(route('counter.orders', handle), said({ ...by, ...change }), { preserveState: true, replace: true });
  };
  const out = (as: string, only: number[]) =>
    route('counter.orders.out', [handle, { ...said(by), as, ...(only.length > 0 ? { only: only.join(',') } : {}) }]);
  return (
    <div className="pb-24">
      <Head title="All orders" />
      <header className="flex flex-wrap items-end gap-x-6 gap-y-3 px-6 pt-5 pb-3 max-md:px-4">
        <h1 className="name text-[26px]">All orders</h1>
        <SearchField
          words={by.q}
          label="Find orders"
          placeholder="number, name, mail, postcode, SKU or tracking"
          onSay={(q) => {
            ask({ q });
          }}
        />
        <Link href={route('counter', handle)} className="text-mute underline decoration-line underline-offset-4">
          The desk
        </Link>
      </header>
      <OrdersBy by={by} stands={stands} ask={ask} searches={searches} out={out} />
      {orders.length === 0 ? (
        <p className="border-t border-line px-6 py-10 text-mute">No order is like that.</p>
      ) : (
        <OrdersTable rows={rows} orders={orders} selection={selection} handle={handle} />
      )}
      <Pager previous={previous} next={next} />
      <SelectionBar count={selection.chosen.length} what="chosen" onClear={selection.clear}>
        <a href={out('csv', selection.chosen)} className="rounded-[7px] bg-sheet px-3.5 py-2 font-medium text-ink">
          Out as CSV
        </a>
        <a href={out('json', selection.chosen)} className="rounded-[7px] bg-sheet px-3.5 py-2 font-medium text-ink">
          Out as JSON
        </a>
      </SelectionBar>
    </div>
  );
}
