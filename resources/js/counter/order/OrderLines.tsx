import type { OrderView } from '@/types/counter';
import { Thumb } from '@/ui/Thumb';

interface Props {
  order: OrderView;
}

/** The goods of an order, and what they come to. */
export function OrderLines({ order }: Props) {
  return (
    <>
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
              {l.given !== '' && <div className="text-[12.5px]">{l.given}</div>}
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
    </>
  );
}
