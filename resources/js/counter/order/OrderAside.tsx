import { Link } from '@inertiajs/react';
import { Mailed } from '@/counter/order/Mailed';
import { RefundPanel } from '@/counter/order/RefundPanel';
import type { OrderView } from '@/types/counter';

interface Props {
  order: OrderView;
  handle: string;
}

/** Whose order it is: where it goes, papers, mails, what was given back. */
export function OrderAside({ order, handle }: Props) {
  return (
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
  );
}
