import { Head, Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useState } from 'react';
import { useHandle } from '@/lib/useStall';
import type { OrderRowView } from '@/types/counter';
import { Button } from '@/ui/Button';
import { ChoiceField } from '@/ui/ChoiceField';
import { Kept } from '@/ui/Asked';
import { Pager } from '@/ui/Pager';
import { SearchField } from '@/ui/SearchField';
import { SelectionBar } from '@/ui/SelectionBar';
import { TextField } from '@/ui/TextField';
import { Thumb } from '@/ui/Thumb';
import { Tick } from '@/ui/Tick';
import { useRowKeys } from '@/ui/useRowKeys';
import { useSelection } from '@/ui/useSelection';

interface By {
  q: string;
  stands: string;
  from: string;
  to: string;
  country: string;
}

interface Props {
  orders: OrderRowView[];
  by: By;
  stands: Record<string, string>;
  searches: { id: number; name: string; query: string }[];
  next: string | null;
  previous: string | null;
}

const said = (by: By) => Object.fromEntries(Object.entries(by).filter(([, words]) => words !== ''));

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
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2 px-6 pb-3 max-md:px-4">
        <ChoiceField
          label="Which"
          value={by.stands}
          choices={[{ value: '', label: 'all' }, ...Object.entries(stands).map(([value, label]) => ({ value, label }))]}
          onChange={(e) => {
            ask({ stands: e.target.value });
          }}
        />
        {(['from', 'to'] as const).map((end) => (
          <TextField
            key={end}
            label={end === 'from' ? 'Paid from' : 'to'}
            type="date"
            value={by[end]}
            onChange={(e) => {
              ask({ [end]: e.target.value });
            }}
          />
        ))}
        <Searches searches={searches} by={by} />
        <span className="ml-auto text-mute">
          Out as{' '}
          <a href={out('csv', [])} className="underline underline-offset-4">
            CSV
          </a>{' '}
          or{' '}
          <a href={out('json', [])} className="underline underline-offset-4">
            JSON
          </a>
        </span>
      </div>
      {orders.length === 0 ? (
        <p className="border-t border-line px-6 py-10 text-mute">No order is like that.</p>
      ) : (
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
                  {o.keep && !o.costConfirmed && (
                    <span className="block text-[12px] font-normal text-mute">expected</span>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
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

/** Searches that are kept, and a name for this one. */
function Searches({ searches, by }: { searches: Props['searches']; by: By }) {
  const handle = useHandle();
  const [name, setName] = useState<string | null>(null);
  const asked = Object.keys(said(by)).length > 0;
  return (
    <span className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
      {searches.map((search) => (
        <span key={search.id} className="whitespace-nowrap">
          <Link
            href={`${route('counter.orders', handle)}?${search.query}`}
            className="underline decoration-line underline-offset-4 hover:decoration-ink"
          >
            {search.name}
          </Link>
          <button
            type="button"
            aria-label={`Let go of ${search.name}`}
            className="px-1 text-mute hover:text-ink"
            onClick={() => {
              router.delete(route('counter.orders.let-go', [handle, search.id]), { preserveScroll: true });
            }}
          >
            ×
          </button>
        </span>
      ))}
      {asked && name === null && (
        <Button
          small
          onClick={() => {
            setName('');
          }}
        >
          Keep this search
        </Button>
      )}
      {name !== null && (
        <form
          className="flex items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            router.post(
              route('counter.orders.keep', handle),
              { name, ...said(by) },
              {
                preserveScroll: true,
                onSuccess: () => {
                  setName(null);
                },
              },
            );
          }}
        >
          <TextField
            label="Its name"
            value={name}
            autoFocus
            onChange={(e) => {
              setName(e.target.value);
            }}
          />
          <Button small kind="do" type="submit">
            Keep
          </Button>
        </form>
      )}
    </span>
  );
}
