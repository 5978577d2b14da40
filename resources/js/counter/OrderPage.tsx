import { Head, Link } from '@inertiajs/react';
import { Need } from '@/counter/desk/Need';
import { Mailed } from '@/counter/order/Mailed';
import { OrderStrip } from '@/counter/order/OrderStrip';
import { RefundPanel } from '@/counter/order/RefundPanel';
import { Returns } from '@/counter/order/Returns';
import { SupplierPart } from '@/counter/order/SupplierPart';
import { useReloads } from '@/lib/useReloads';
import { useHandle } from '@/lib/useStall';
import type { OrderView } from '@/types/counter';
import { Thumb } from '@/ui/Thumb';

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
            <h2 className="mt-6 mb-1 text-[12.5px] text-mute">Goods</h2>
            <ul>
              {order.lines.map((l) => (
                <li key={l.id} className="flex items-center gap-3 border-t border-line py-2">
                  <Thumb src={l.picture} size={48} />
                  <div className="min-w-0">
                    <div className="truncate font-medium">
                      {l.quantity} × {l.title}
                    </div>
                    <div className="truncate text-[12.5px] text-mute">
                      {l.label}
                      {l.label && ' · '}
                      <span className="text-sup">{l.sku}</span>
                    </div>
                  </div>
                  <div className="ml-auto text-right">
                    {l.total.text}
                    {l.quantity > 1 && <span className="block text-[12.5px] text-mute">{l.unit.text} each</span>}
                  </div>
                </li>
              ))}
            </ul>
            <dl className="border-t border-line pt-2 [&>div]:flex [&>div]:justify-between [&>div]:py-0.5">
              <div>
                <dt className="text-mute">Goods</dt>
                <dd>{order.goods.text}</dd>
              </div>
              {order.discount && (
                <div>
                  <dt className="text-mute">Taken off by codes</dt>
                  <dd>{order.discount.text}</dd>
                </div>
              )}
              <div>
                <dt className="text-mute">Delivery{order.way !== '' && ` (${order.way})`}, paid by the shopper</dt>
                <dd>{order.delivery.text}</dd>
              </div>
              <div className="text-[16px] font-semibold">
                <dt>Total</dt>
                <dd>{order.total.text}</dd>
              </div>
              <div className="text-[13px] text-mute">
                <dt>Paid</dt>
                <dd>{order.paidBy}</dd>
              </div>
              {order.worth && (
                <div className="text-[13px] text-mute">
                  <dt>Worth, at that day’s rate</dt>
                  <dd>{order.worth.text}</dd>
                </div>
              )}
              <div className="text-[13px] text-mute">
                <dt>VAT{order.taxNote !== '' && `, ${order.taxNote}`}</dt>
                <dd>{order.tax.text}</dd>
              </div>
            </dl>
          </section>
          <aside>
            <h2 className="mb-1 text-[12.5px] text-mute">To</h2>
            <address className="text-[16px] leading-relaxed not-italic">
              {order.address.map((line) => (
                <div key={line}>{line}</div>
              ))}
            </address>
            <p className="mt-3">
              <a href={`mailto:${order.email}`} className="underline decoration-line underline-offset-4">
                {order.email}
              </a>
              {order.isPerson && (
                <>
                  {' · '}
                  <Link
                    href={route('counter.person', [handle, order.id])}
                    className="underline decoration-line underline-offset-4"
                  >
                    all of their orders
                  </Link>
                </>
              )}
            </p>
            <p className="mt-3">
              <a
                href={order.statusUrl}
                target="_blank"
                rel="noreferrer"
                className="underline decoration-line underline-offset-4"
              >
                The shopper’s page of this order
              </a>
            </p>
            {order.papers.length > 0 && (
              <>
                <h2 className="mt-5 mb-1 text-[12.5px] text-mute">Papers</h2>
                <ul className="text-[14px]">
                  {order.papers.map((paper) => (
                    <li key={paper.address}>
                      <a
                        href={paper.address}
                        target="_blank"
                        rel="noreferrer"
                        className="underline decoration-line underline-offset-4"
                      >
                        {paper.words}
                      </a>
                      ,{' '}
                      <a href={`${paper.address}.pdf`} className="underline decoration-line underline-offset-4">
                        PDF
                      </a>
                    </li>
                  ))}
                </ul>
              </>
            )}
            <Mailed order={order} />
            {order.refunds.length > 0 && (
              <>
                <h2 className="mt-5 mb-1 text-[12.5px] text-mute">Given back</h2>
                <ul className="text-[14px]">
                  {order.refunds.map((refund) => (
                    <li key={`${refund.when} ${refund.total.text}`} data-refund={refund.total.digits}>
                      <b className="font-semibold">{refund.total.text}</b> {refund.done ? refund.when : 'on its way'}
                      <span className="block text-[13px] text-mute">{refund.what}</span>
                    </li>
                  ))}
                </ul>
              </>
            )}
            {order.shared.length > 0 && (
              <>
                <h2 className="mt-5 mb-1 text-[12.5px] text-mute">Why from there</h2>
                <ul className="text-[14px]">
                  {order.shared.map((words) => (
                    <li key={words}>{words}</li>
                  ))}
                </ul>
              </>
            )}
            {order.canRefund && (
              <div className="mt-6">
                <RefundPanel order={order} />
              </div>
            )}
          </aside>
        </div>
      </div>
      {order.strip && <OrderStrip strip={order.strip} />}
    </>
  );
}
