import { Head } from '@inertiajs/react';
import { CounterLinks } from '@/counter/CounterLinks';
import { Need } from '@/counter/desk/Need';
import { UnderWay } from '@/counter/desk/UnderWay';
import { plural } from '@/lib/plural';
import type { CounterDeskView } from '@/types/counter';
import { Empty } from '@/ui/Empty';
import { useRowKeys } from '@/ui/useRowKeys';

/** The counter in the morning: what needs a person as sentences with ways out, and what is under way. */
export default function CounterPage({ desk }: { desk: CounterDeskView }) {
  const rows = useRowKeys(desk.needs.length, {});
  const none = desk.orders === 0;
  return (
    <div className="pb-10">
      <Head title="Counter" />
      <header className="px-6 pt-5 pb-4 max-md:px-4">
        <h1 className="name text-[23px] leading-tight">{none ? 'Counter' : desk.headline}</h1>
        <CounterLinks orders={desk.orders} letters={desk.letters} />
        {desk.unpaid > 0 && (
          <p className="mt-1 text-[13px] text-mute">
            {desk.unpaid} {plural(desk.unpaid, 'basket waits', 'baskets wait')} for payment.
          </p>
        )}
      </header>
      {none && desk.needs.length === 0 ? (
        <Empty
          title="No orders yet"
          step={
            <a
              href={desk.shopUrl}
              target="_blank"
              rel="noreferrer"
              className="inline-block rounded-[7px] bg-till px-4 py-2.5 font-semibold text-sheet"
            >
              Try the shop as a shopper
            </a>
          }
        >
          When a shopper has paid, the order goes to its suppliers by itself. What needs you stands here.
        </Empty>
      ) : (
        <>
          <ol aria-label="What needs you" {...rows.list}>
            {desk.needs.map((need, n) => (
              <Need key={need.key} need={need} row={n} tab={rows.tab(n)} />
            ))}
          </ol>
          {desk.more > 0 && (
            <p className="border-t border-line px-6 py-3 text-mute max-md:px-4">
              {desk.more} more {plural(desk.more, 'needs', 'need')} you; they come up as these are done.
            </p>
          )}
          <UnderWay days={desk.days} now={desk.now} lines={desk.underWay} open={desk.open} />
        </>
      )}
    </div>
  );
}
