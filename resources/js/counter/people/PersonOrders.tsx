import { Link } from '@inertiajs/react';
import { PersonThread } from '@/counter/PersonThread';
import type { BuyerView, OrderRowView, ThreadLineView } from '@/types/counter';
import { Kept } from '@/ui/Asked';

interface Props {
  person: BuyerView;
  orders: OrderRowView[];
  handle: string;
  thread: ThreadLineView[];
}

/** What somebody bought, and all that was written between them and the stall. */
export function PersonOrders({ person, orders, handle, thread }: Props) {
  return (
    <section aria-label="Orders">
      <p className="name text-[18px]" data-sums>
        Spent {person.spent.text}
        {person.kept && <>, of which you kept {person.kept.text}</>}.
      </p>
      <ul className="mt-3">
        {orders.map((order) => (
          <li key={order.id} className="flex flex-wrap items-baseline gap-x-4 border-t border-line py-2">
            <Link href={route('counter.order', [handle, order.id])} className="font-semibold hover:underline">
              {order.number}
            </Link>
            <span className="text-mute">{order.when}</span>
            <span className="min-w-0 flex-1 truncate">{order.goods}</span>
            <span className="text-mute">{order.stateWords}</span>
            <span>{order.total.text}</span>
            <Kept keep={order.keep} quiet />
          </li>
        ))}
      </ul>
      {thread.length > orders.length && (
        <>
          <h2 className="mt-7 mb-2 text-[12.5px] text-mute">All between you and them</h2>
          <PersonThread lines={thread} name={person.name} />
        </>
      )}
    </section>
  );
}
