import { router } from '@inertiajs/react';
import { useState } from 'react';
import { useAsked } from '@/lib/useAsked';
import { useHandle } from '@/lib/useStall';
import type { OrderView, RefundTryView } from '@/types/counter';
import { Button } from '@/ui/Button';
import { ChoiceField } from '@/ui/ChoiceField';
import { TextField } from '@/ui/TextField';

const BEARERS = [
  { value: 'stall', label: 'The stall' },
  { value: 'supplier', label: 'The supplier' },
  { value: 'carrier', label: 'The carrier' },
];

/** Gives money back: all of it or some pieces, of the delivery, or an amount; what that leaves is said before it is done. */
export function RefundPanel({ order }: { order: OrderView }) {
  const [open, setOpen] = useState(false);
  if (!open)
    return (
      <Button
        onClick={() => {
          setOpen(true);
        }}
      >
        Give money back
      </Button>
    );
  return (
    <Panel
      order={order}
      onClose={() => {
        setOpen(false);
      }}
    />
  );
}

function Panel({ order, onClose }: { order: OrderView; onClose: () => void }) {
  const handle = useHandle();
  const [pieces, setPieces] = useState<Record<number, number>>({});
  const [delivery, setDelivery] = useState('');
  const [besides, setBesides] = useState('');
  const [bears, setBears] = useState('stall');
  const [borne, setBorne] = useState('');
  const [why, setWhy] = useState('');
  const wish = { pieces, delivery, besides, bears, borne, why };
  const any = Object.values(pieces).some((n) => n > 0) || delivery !== '' || besides !== '';

  const url = route('counter.refund.try', [handle, order.id, { pieces, delivery, besides, bears, borne }]);
  const { answer: found, trouble: refused } = useAsked<RefundTryView>(any ? { url } : null, 200);
  const trouble = refused || (found?.trouble ?? '');

  const give = (what: Partial<typeof wish>) => {
    router.post(
      route('counter.refund', [handle, order.id]),
      { key: order.key, ...what },
      {
        preserveScroll: true,
        onSuccess: onClose,
      },
    );
  };
  return (
    <section aria-label="Give money back" className="border border-line bg-sheet px-4 py-3">
      <h2 className="name text-[18px]">Give money back</h2>
      <ul className="my-2">
        {order.lines.map((line) => (
          <li key={line.id} className="flex items-center gap-3 border-t border-line py-1.5">
            <span className="min-w-0 flex-1">
              {line.title}
              {line.label !== '' && <span className="text-mute"> {line.label}</span>}
            </span>
            <label className="flex items-baseline gap-1.5 text-[13px] text-mute">
              <input
                type="number"
                min={0}
                max={line.left}
                value={pieces[line.id] ?? 0}
                disabled={line.left === 0}
                aria-label={`Pieces of ${line.title} to give back for`}
                onChange={(e) => {
                  setPieces({ ...pieces, [line.id]: Math.max(0, Math.min(line.left, Number(e.target.value))) });
                }}
                className="w-14 border-b-[1.5px] border-rule bg-transparent py-0.5 text-right text-[15px] text-ink"
              />
              of {line.left}
            </label>
          </li>
        ))}
      </ul>
      <div className="grid grid-cols-2 gap-x-5 gap-y-2">
        <TextField
          label={`Of the delivery, ${order.deliveryLeft.text} at most`}
          value={delivery}
          inputMode="decimal"
          onChange={(e) => {
            setDelivery(e.target.value);
          }}
        />
        <TextField
          label="An amount besides"
          value={besides}
          inputMode="decimal"
          onChange={(e) => {
            setBesides(e.target.value);
          }}
        />
        <ChoiceField
          label="Who bears it"
          choices={BEARERS}
          value={bears}
          onChange={(e) => {
            setBears(e.target.value);
          }}
        />
        {bears !== 'stall' && (
          <TextField
            label={`How much, in ${order.home}`}
            value={borne}
            inputMode="decimal"
            onChange={(e) => {
              setBorne(e.target.value);
            }}
          />
        )}
        <TextField
          className="col-span-2"
          label="A word to the shopper"
          value={why}
          maxLength={300}
          onChange={(e) => {
            setWhy(e.target.value);
          }}
        />
      </div>
      <p className="mt-2 text-[13px] text-mute">
        Pieces give back what was paid for them, codes taken off; what stays keeps its code and its free delivery.
      </p>
      <p className="mt-2 min-h-6" role="status">
        {trouble !== '' ? (
          <span className="font-medium text-you">{trouble}</span>
        ) : (
          found?.total && (
            <>
              <b className="font-semibold">{found.total.text}</b>, {found.tax?.text} of it VAT; the order keeps{' '}
              <b className="font-semibold">{found.keeps?.text}</b> afterwards.
            </>
          )
        )}
      </p>
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <Button
          kind="do"
          disabled={!found?.total || trouble !== ''}
          onClick={() => {
            give(wish);
          }}
        >
          {found?.total ? `Give ${found.total.text} back` : 'Give it back'}
        </Button>
        <Button
          kind="quiet"
          onClick={() => {
            give({ bears, borne, why });
          }}
        >
          Give all of it back, {order.refundable.text}
        </Button>
        <Button kind="quiet" onClick={onClose}>
          Leave it
        </Button>
      </div>
    </section>
  );
}
