import { router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useHandle } from '@/lib/useStall';
import { Elsewhere } from '@/counter/order/Elsewhere';
import type { ParcelView, SupplierOrderView } from '@/types/counter';
import { Button } from '@/ui/Button';

/** How far one supplier is with its part of an order, and each of its parcels. */
export function SupplierPart({ supplier: s, orderId }: { supplier: SupplierOrderView; orderId: number }) {
  const handle = useHandle();
  const post = (name: 'counter.again' | 'counter.cancel') => () => {
    router.post(route(name, [handle, orderId]), { supplierOrder: s.id }, { preserveScroll: true });
  };
  return (
    <div className="border-t border-line py-3" data-supplier={s.supplier} data-state={s.state}>
      <div className="flex flex-wrap items-baseline gap-x-3">
        <h2 className="font-semibold text-sup">{s.supplier}</h2>
        <span>{s.stateWords}</span>
        {s.reference && <span className="text-[13px] text-mute">their number {s.reference}</span>}
        {s.goodsWords !== '' && (
          <a
            href={route('counter.slip', [handle, orderId, s.id])}
            target="_blank"
            rel="noreferrer"
            className="ml-auto text-[13px] text-mute underline decoration-line underline-offset-4"
          >
            Packing slip
          </a>
        )}
        {s.canCancel && (
          <Button kind="quiet" small onClick={post('counter.cancel')}>
            Ask {s.supplier} to cancel
          </Button>
        )}
      </div>
      <p className="text-mute">{s.goodsWords === '' ? 'Nothing of it is sent from here any more.' : s.goodsWords}</p>
      {s.goodsWords !== '' && s.parcels.length === 0 && (
        <ol className="mt-3 flex">
          {[...s.steps, { words: 'Posted', at: null }].map((step) => (
            <li
              key={step.words}
              className={clsx(
                'flex-1 border-t-[3px] pt-1.5',
                step.at ? 'border-see font-medium' : 'border-line text-mute',
              )}
            >
              {step.words}
              <span className="block text-[12.5px] font-normal text-mute">{step.at ?? 'not yet'}</span>
            </li>
          ))}
        </ol>
      )}
      {s.parcels.map((parcel) => (
        <Parcel key={parcel.id} parcel={parcel} orderId={orderId} />
      ))}
      {s.promised && s.parcels.length === 0 && s.goodsWords !== '' && (
        <p className="mt-2">The shopper was told: with you {s.promised}.</p>
      )}
      {s.goodsWords !== '' && (
        <p className="mt-2 text-[13px] text-mute">
          Charges {s.goods.text} for the goods
          {s.laidIn && <>, {s.laidIn.text} for what is laid in</>} and {s.delivery.text} for delivery
          {s.costConfirmed ? '' : ', as expected'}.
        </p>
      )}
      {s.state === 'to_send' && s.goodsWords !== '' && <Elsewhere orderId={orderId} supplierOrder={s.id} />}
      {s.trouble && (
        <p role="alert" className="mt-2 border-l-4 border-you bg-you-soft px-3 py-2">
          {s.trouble}{' '}
          {s.canTryAgain && (
            <Button small className="ml-2" onClick={post('counter.again')}>
              Send again
            </Button>
          )}
        </p>
      )}
    </div>
  );
}

function Parcel({ parcel: p, orderId }: { parcel: ParcelView; orderId: number }) {
  const handle = useHandle();
  return (
    <div className="mt-3 border-l-[3px] border-line pl-3" data-parcel={p.number}>
      <p>
        <b className="font-semibold">Parcel {p.number}</b>{' '}
        <span className={clsx(p.there ? 'text-see' : p.late && 'font-semibold text-loss')}>{p.stands}</span>
      </p>
      <p className="text-[13px] text-mute">
        {p.goods} · posted {p.posted}
        {p.promised !== '' && `, promised for ${p.promised}`}
      </p>
      {p.tracking && (
        <p className="text-[13px]">
          {p.carrier},{' '}
          <b className="font-semibold" data-tracking>
            {p.tracking}
          </b>
          {!p.there && (
            <Button
              kind="quiet"
              small
              onClick={() => {
                router.post(route('counter.look', [handle, orderId]), {}, { preserveScroll: true });
              }}
            >
              ask now
            </Button>
          )}
        </p>
      )}
      {p.late && p.outlook !== '' && <p className="text-[13px] text-mute">{p.outlook}</p>}
      {p.events.length > 0 && (
        <details className="text-[13px]">
          <summary className="cursor-pointer text-mute">What the carrier told</summary>
          <ul>
            {p.events.map((event) => (
              <li key={event}>{event}</li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}
