import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useEffect, useState } from 'react';
import { send } from '@/lib/http';
import { count } from '@/lib/plural';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { KeepCellView, KeepSheetView } from '@/types/delivery';

const FIRST = 12;

/** Goods by places: what is kept of one piece of each, with holes and losses first. */
export function KeepSheet({ turn }: { turn: number }) {
  const handle = useHandle();
  const [sheet, setSheet] = useState<KeepSheetView | null>(null);
  const [all, setAll] = useState(false);
  useEffect(() => {
    const stop = new AbortController();
    send<KeepSheetView>('GET', route('delivery.keeps', handle), undefined, stop.signal)
      .then(setSheet)
      .catch((error: unknown) => {
        if (!stop.signal.aborted) sayTrouble(error);
      });
    return () => {
      stop.abort();
    };
  }, [handle, turn]);
  if (sheet === null) return <p className="text-mute">What you keep, by place, is being worked out.</p>;
  if (sheet.goods === 0) return null;
  const rows = all ? sheet.rows : sheet.rows.slice(0, FIRST);
  return (
    <section aria-label="What you keep, by place" data-keeps>
      <h2 className="name mb-1 text-[18px]">What you keep, by place</h2>
      <div className="overflow-x-auto">
        <table className="w-full">
          <thead>
            <tr className="text-right text-[12.5px] text-mute [&>th]:py-1 [&>th]:pl-3 [&>th]:font-normal">
              <th scope="col" className="pl-0! text-left">
                one piece of
              </th>
              {sheet.places.map((place) => (
                <th key={place} scope="col">
                  {place}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.listing} className="border-t border-line [&>td]:py-1.5 [&>td]:pl-3">
                <th scope="row" className="max-w-52 truncate py-1.5 text-left font-medium">
                  <Link href={route('bench.listing', [handle, row.listing])} className="hover:underline">
                    {row.title}
                  </Link>
                </th>
                {row.cells.map((cell, n) => (
                  <td key={n} className="text-right whitespace-nowrap">
                    <Cell cell={cell} most={sheet.most} />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="border-t border-line pt-2 text-[13.5px] text-mute">
        {sheet.more ? `The first ${String(sheet.goods)} goods by title` : count(sheet.goods, 'good', 'goods')}:{' '}
        {sheet.holes === 0 ? 'each goes everywhere' : `${count(sheet.holes, 'hole')} where it can’t go`},{' '}
        {sheet.losses === 0 ? 'and none loses.' : `and ${count(sheet.losses, 'loss', 'losses')}.`}{' '}
        {sheet.rows.length > FIRST && (
          <button
            type="button"
            className="underline decoration-line underline-offset-4 hover:text-ink"
            onClick={() => setAll(!all)}
          >
            {all ? 'Show the first only' : 'Show them all'}
          </button>
        )}
      </p>
    </section>
  );
}

function Cell({ cell, most }: { cell: KeepCellView; most: number }) {
  if (cell.keep === null) {
    return (
      <span className="font-medium text-ochre" title={cell.mend}>
        {cell.kind === 'hole' ? 'not sent' : 'unknown'}
        <span className="sr-only">: {cell.mend}</span>
      </span>
    );
  }
  const loses = cell.kind === 'loss';
  return (
    <span className="inline-flex items-center gap-2" title={cell.mend}>
      {!loses && (
        <span
          aria-hidden
          className="inline-block h-2 bg-see/55"
          style={{ width: `${String(Math.round((56 * cell.keep.minor) / most))}px` }}
        />
      )}
      <span className={clsx('font-medium', loses && 'text-loss')}>
        {loses ? `loses ${cell.keep.absolute}` : cell.keep.text}
      </span>
      {cell.mend !== '' && <span className="sr-only">{cell.mend}</span>}
    </span>
  );
}
