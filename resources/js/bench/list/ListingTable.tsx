import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { count } from '@/lib/plural';
import { useHandle } from '@/lib/useStall';
import type { ListingRowView } from '@/types';
import { Tick } from '@/ui/Tick';
import { TickAll } from '@/ui/TickAll';
import type { Selection } from '@/ui/useSelection';

/** Listings with what they ask, keep and still lack. */
export function ListingTable({ listings, selection }: { listings: ListingRowView[]; selection: Selection }) {
  const handle = useHandle();
  return (
    <table className="w-full">
      <thead>
        <tr className="text-left text-[12.5px] text-mute [&>th]:px-2 [&>th]:py-1.5 [&>th]:font-normal">
          <th scope="col" className="pl-6!">
            <TickAll selection={selection} />
          </th>
          <th scope="col" colSpan={2}>
            Listing
          </th>
          <th scope="col">Lies</th>
          <th scope="col" className="text-right">
            Variants
          </th>
          <th scope="col" className="text-right">
            Stock
          </th>
          <th scope="col" className="text-right">
            Price from
          </th>
          <th scope="col" className="text-right">
            You keep, at least
          </th>
          <th scope="col" className="pr-6!">
            Left to do
          </th>
        </tr>
      </thead>
      <tbody>
        {listings.map((l) => (
          <tr
            key={l.id}
            className={clsx(
              'border-t border-line [&>td]:px-2 [&>td]:py-1.5',
              selection.has(l.id) ? 'bg-you-soft' : 'bg-sheet hover:bg-paper',
            )}
          >
            <td className="w-10 pl-6!">
              <Tick
                label={`Choose ${l.title}`}
                checked={selection.has(l.id)}
                onToggle={(range) => {
                  selection.toggle(l.id, range);
                }}
              />
            </td>
            <td className="w-[52px]">
              {l.picture ? (
                <img
                  src={l.picture}
                  alt=""
                  width={40}
                  height={40}
                  className="size-10 rounded border border-line object-cover"
                />
              ) : (
                <span className="block size-10 rounded bg-shade" />
              )}
            </td>
            <td className="max-w-0 w-[34%]">
              <Link
                href={route('bench.listing', [handle, l.id])}
                className={clsx('block truncate font-medium hover:underline', l.titleHeld ? 'text-ink' : 'text-sup')}
              >
                {l.title}
              </Link>
              <span className="text-[12.5px] text-mute">
                {l.supplier}
                {l.changes > 0 && (
                  <Link href={route('drift', handle)} className="ml-2 font-medium text-ochre underline">
                    {count(l.changes, 'change')}
                  </Link>
                )}
              </span>
            </td>
            <td className={clsx('whitespace-nowrap', l.state === 'in_window' ? 'font-medium text-see' : 'text-mute')}>
              {l.stateWords}
            </td>
            <td className="text-right">
              {l.variantsOn === l.variants ? l.variants : `${String(l.variantsOn)} of ${String(l.variants)}`}
            </td>
            <td className="text-right text-sup">{l.stock}</td>
            <td className="text-right font-semibold text-you">{l.from?.text ?? '–'}</td>
            <td className={clsx('text-right', l.loses && 'font-semibold text-you')}>
              {l.keep ? `${l.loses ? 'loses ' : ''}${l.keep.absolute}` : '–'}
            </td>
            <td className="pr-6! text-[13px] text-mute">
              {l.lacks[0] ? (
                <span className="text-ochre">{l.lacks[0].words}</span>
              ) : l.state === 'in_window' ? (
                ''
              ) : (
                'ready'
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
