import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { count } from '@/lib/plural';
import { useHandle } from '@/lib/useStall';
import { Asked, Kept } from '@/ui/Asked';
import { Thumb } from '@/ui/Thumb';
import { Tick } from '@/ui/Tick';
import type { PlaceProps } from '@/bench/list/LyingList';
import type { ListingRowView } from '@/types/bench';

/** Listings in a line each: what they ask and keep, and whether something is amiss. */
export function ShownTable({ label, listings, first, rows, selection }: PlaceProps & { label: string }) {
  const handle = useHandle();
  return (
    <table className="w-full text-[13.5px]" aria-label={label}>
      <thead className="sr-only">
        <tr>
          <th scope="col">Choose</th>
          <th scope="col">Picture</th>
          <th scope="col">Listing</th>
          <th scope="col">What is amiss</th>
          <th scope="col">Stock</th>
          <th scope="col">Asked, from</th>
          <th scope="col">Kept, at least</th>
        </tr>
      </thead>
      <tbody {...rows.list}>
        {listings.map((l, n) => {
          const tab = rows.tab(first + n);
          return (
            <tr
              key={l.id}
              data-row={first + n}
              data-listing={l.id}
              className={clsx(
                'h-10 border-t border-shade max-md:align-top [&>td]:px-2 max-md:[&>td]:py-2',
                selection.has(l.id) ? 'bg-you-soft' : 'hover:bg-sheet',
              )}
            >
              <td className="w-9 pl-6! max-md:pl-5!">
                <Tick
                  label={`Choose ${l.title}`}
                  checked={selection.has(l.id)}
                  tab={tab}
                  onToggle={(range) => selection.toggle(l.id, range)}
                />
              </td>
              <td className="w-11">
                <Thumb src={l.picture} size={28} />
              </td>
              <td className="max-w-0 max-md:w-full md:w-[46%] md:min-w-[24ch]">
                <div className="flex items-baseline gap-2">
                  <Link
                    data-hand
                    tabIndex={tab}
                    aria-describedby={`kept-${String(l.id)}`}
                    href={route('bench.listing', [handle, l.id])}
                    className="max-w-full font-medium hover:underline max-md:line-clamp-2 md:flex-none md:truncate"
                    data-title
                  >
                    {l.title}
                  </Link>
                  <span className="truncate text-[12.5px] text-mute max-lg:hidden">{l.supplier}</span>
                </div>
                <div className="md:hidden">
                  <Amiss listing={l} tab={tab} />
                </div>
              </td>
              <td className="max-w-0 truncate max-md:hidden">
                <Amiss listing={l} tab={tab} />
              </td>
              <td className="w-24 text-right whitespace-nowrap text-mute max-lg:hidden">{l.stock} in stock</td>
              <td className="text-right whitespace-nowrap max-md:px-1! md:w-36">
                <Asked price={l.from} loses={l.fromLoses} />
              </td>
              <td className="pr-6! text-right whitespace-nowrap max-md:pr-5! md:w-32" id={`kept-${String(l.id)}`}>
                {l.keep && !l.loses && <span className="text-mute max-md:hidden">keeps </span>}
                <Kept keep={l.keep} />
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** What a listing waits for: changes to decide, or what it lacks. */
function Amiss({ listing: l, tab }: { listing: ListingRowView; tab: 0 | -1 }) {
  const handle = useHandle();
  return (
    <>
      {l.changes > 0 && (
        <Link href={route('drift', handle)} tabIndex={tab} className="mr-3 font-medium text-ochre underline">
          {count(l.changes, 'change')}
        </Link>
      )}
      {l.lacks[0] && <span className="text-ochre">{l.lacks[0].words}</span>}
    </>
  );
}
