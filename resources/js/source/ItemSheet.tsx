import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { KindTable } from '@/source/KindTable';
import { Dialog } from 'radix-ui';
import { useEffect, useState } from 'react';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { ItemSheetView } from '@/types/source';
import { Button } from '@/ui/Button';
import { useFocusBack } from '@/ui/focusBack';

interface Props {
  itemId: number | null;
  busy: boolean;
  onClose: () => void;
  onTake: (id: number) => void;
  onCompare: (ids: number[]) => void;
  /** The country sold to; the sheet turns when it does. */
  market: string;
}

const HEAD = 'text-left text-[12px] text-mute [&>th]:pb-1 [&>th]:font-normal';

/** A supplier item looked at closely, slid in beside the list: ways, costs by number of pieces, variants, cautions. */
export function ItemSheet({ itemId, busy, onClose, onTake, onCompare, market }: Props) {
  const handle = useHandle();
  const [sheet, setSheet] = useState<ItemSheetView | null>(null);
  const [variant, setVariant] = useState<string | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);

  useEffect(() => {
    setSheet(null);
    setVariant(null);
  }, [itemId]);
  useEffect(() => {
    if (itemId === null) return;
    const ask = new AbortController();
    send<ItemSheetView>(
      'GET',
      route('source.item', [handle, itemId, { to: market, ...(variant === null ? {} : { variant }) }]),
      undefined,
      ask.signal,
    )
      .then((next) => {
        setSheet(next);
        setTrouble(null);
      })
      .catch((error: unknown) => {
        if (!ask.signal.aborted) setTrouble(words(error));
      });
    return () => ask.abort();
  }, [itemId, variant, handle, market]);

  const focus = useFocusBack();
  return (
    <Dialog.Root open={itemId !== null} onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-ink/15" />
        <Dialog.Content
          {...focus}
          aria-describedby={undefined}
          className={clsx(
            'fixed inset-y-0 right-0 z-40 w-[600px] overflow-auto border-l border-line bg-sheet px-7',
            'py-6 shadow-2xl shadow-black/15',
          )}
        >
          <div className="flex items-start gap-4">
            <Dialog.Title className="name flex-1 text-[21px] text-sup">
              {sheet?.title ?? 'Asking the supplier…'}
            </Dialog.Title>
            <Dialog.Close className="text-mute underline decoration-line underline-offset-4 hover:text-ink">
              Close
            </Dialog.Close>
          </div>
          {(trouble ?? sheet?.trouble) && (
            <p role="alert" className="mt-3 border-l-4 border-you bg-you-soft px-3 py-2">
              {trouble ?? sheet?.trouble}
            </p>
          )}
          {sheet && (
            <Sides
              sheet={sheet}
              busy={busy}
              onVariant={setVariant}
              onTake={() => onTake(sheet.id)}
              onCompare={onCompare}
            />
          )}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Sides({
  sheet,
  busy,
  onVariant,
  onTake,
  onCompare,
}: {
  sheet: ItemSheetView;
  busy: boolean;
  onVariant: (id: string) => void;
  onTake: () => void;
  onCompare: (ids: number[]) => void;
}) {
  const handle = useHandle();
  const inHand = sheet.variants.find((v) => v.id === sheet.inHand);
  return (
    <>
      <p className="mt-1 text-mute">
        {sheet.code} · {sheet.about}
      </p>
      <div className="mt-4 flex gap-2">
        {sheet.pictures.map((p) => (
          <img key={p} src={p} alt="" className="size-[84px] rounded-md border border-line object-cover" />
        ))}
      </div>
      {sheet.cautions.length > 0 && (
        <ul
          className="mt-4 border-l-4 border-ochre bg-ochre-soft px-3 py-2 font-medium text-ochre"
          aria-label="Take care"
        >
          {sheet.cautions.map((c) => (
            <li key={c}>{c}</li>
          ))}
        </ul>
      )}
      <div className="mt-4 flex items-center gap-3">
        {sheet.taken ? (
          <span className="text-mute">It lies on your bench.</span>
        ) : (
          <Button kind="do" disabled={busy} onClick={onTake}>
            Take to the bench
          </Button>
        )}
        {sheet.twins.length > 0 && (
          <Button onClick={() => onCompare([sheet.id, ...sheet.twins.map((t) => t.id)])} data-twins>
            Compare with the same at {sheet.twins.map((t) => t.supplier).join(' and ')}
          </Button>
        )}
        {sheet.asksAt !== '' && (
          <Link
            href={route('counter.asking', [handle, { item: sheet.id }])}
            className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
          >
            Ask {sheet.asksAt} about it
          </Link>
        )}
      </div>
      {sheet.ways.length > 0 && (
        <table className="mt-6 w-full">
          <caption className="mb-1 text-left font-semibold">
            How {inHand?.label ?? 'it'} gets to {sheet.market}, ordered today
          </caption>
          <thead>
            <tr className={HEAD}>
              <th scope="col">From</th>
              <th scope="col">By</th>
              <th scope="col" className="text-right!">
                Delivery
              </th>
              <th scope="col" className="pl-6!">
                Arrives
              </th>
              <th scope="col" className="text-right!">
                Stock
              </th>
            </tr>
          </thead>
          <tbody>
            {sheet.ways.map((w) => (
              <tr key={w.warehouse + w.method} className="border-t border-shade [&>td]:py-1.5">
                <td>{w.warehouse}</td>
                <td>{w.method}</td>
                <td className="text-right font-semibold">{w.price.text}</td>
                <td className="pl-6">
                  {w.dates} <span className="text-mute">{w.days}</span>
                </td>
                <td className="text-right text-sup">{w.stock}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {sheet.quantities.length > 0 && (
        <table className="mt-6 w-full">
          <caption className="mb-1 text-left font-semibold">Landed, by pieces in one parcel</caption>
          <thead>
            <tr className={HEAD}>
              <th scope="col">Pieces</th>
              <th scope="col" className="text-right!">
                Goods
              </th>
              <th scope="col" className="text-right!">
                Delivery
              </th>
              <th scope="col" className="text-right!">
                Landed
              </th>
              <th scope="col" className="text-right!">
                Each
              </th>
            </tr>
          </thead>
          <tbody>
            {sheet.quantities.map((q) => (
              <tr key={q.pieces} className="border-t border-shade text-right [&>td]:py-1.5">
                <td className="text-left">{q.pieces}</td>
                <td>{q.goods.digits}</td>
                <td>{q.delivery.digits}</td>
                <td>{q.landed.digits}</td>
                <td className="font-semibold">{q.each.text}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <KindTable variants={sheet.variants} inHand={sheet.inHand} onVariant={onVariant} />
      {sheet.blank && (
        <>
          <h3 className="mt-6 mb-1 font-semibold">What can be printed on it</h3>
          <p>{sheet.blank.areas.join(' · ')}</p>
          <ul className="mt-1 text-sup">
            {sheet.blank.methods.map((m) => (
              <li key={m}>{m}</li>
            ))}
          </ul>
        </>
      )}
      <h3 className="mt-6 mb-1 font-semibold">The supplier’s words</h3>
      <div className="prose-words text-sup" dangerouslySetInnerHTML={{ __html: sheet.words }} />
    </>
  );
}
