import { Head, Link } from '@inertiajs/react';
import { Need } from '@/counter/desk/Need';
import { OrderAside } from '@/counter/order/OrderAside';
import { OrderLines } from '@/counter/order/OrderLines';
import { OrderStrip } from '@/counter/order/OrderStrip';
import { Returns } from '@/counter/order/Returns';
import { SupplierPart } from '@/counter/order/SupplierPart';
import { useReloads } from '@/lib/useReloads';
import { useHandle } from '@/lib/useStall';
import type { OrderView } from '@/types/counter';

/** One order: what was bought, how far each supplier is, and what it earned. */
export default function OrderPage({ order }: { order: OrderView }) {
  const handle = useHandle();
  const moving =
    order.state === 'refunding' ||
    order.refunds.some((refund) => !refund.done) ||
    order.supplierOrders.some((s) => ['to_send', 'sent', 'accepted'].includes(s.state));
  useReloads(['order', 'frame'], 3000, moving);

  return (
    <>
      <Head title={`Order ${String(order.number)}`} />
      <div className="min-h-0 flex-1 overflow-auto">
        <div className="mx-auto grid w-full max-w-[1080px] gap-x-12 px-6 py-6 max-md:px-4 md:grid-cols-[1.5fr_1fr]">
          <header className="mb-5 flex flex-wrap items-baseline gap-x-4 md:col-span-2">
            <h1 className="name text-[28px]">Order {order.number}</h1>
            <span className="text-mute">
              {order.when} · {order.stateWords}
            </span>
            <Link
              href={route('counter', handle)}
              className="ml-auto text-mute underline decoration-line underline-offset-4 hover:text-ink"
            >
              All orders
            </Link>
          </header>
          {order.trouble && (
            <p role="alert" className="mb-4 border-l-4 md:col-span-2 border-you bg-you-soft px-3 py-2">
              {order.trouble}
            </p>
          )}
          {order.disputed !== '' && (
            <p role="alert" className="mb-4 border-l-4 border-you bg-you-soft px-3 py-2 md:col-span-2">
              Whoever paid this has disputed it at their bank, {order.disputed}. Answer at the payment service, with the
              parcel’s tracking; what isn’t answered there is taken back.
            </p>
          )}
          {order.needs.length > 0 && (
            <ol aria-label="What needs you" className="mb-4 border-b border-line md:col-span-2">
              {order.needs.map((need) => (
                <Need key={need.key} need={need} row={0} tab={0} />
              ))}
            </ol>
          )}
          <section aria-label="Suppliers">
            {order.supplierOrders.map((s) => (
              <SupplierPart key={s.id} supplier={s} orderId={order.id} />
            ))}
            <Returns returns={order.returns} orderId={order.id} />
            <OrderLines order={order} />
          </section>
          <OrderAside order={order} handle={handle} />
        </div>
      </div>
      {order.strip && <OrderStrip strip={order.strip} />}
    </>
  );
}
