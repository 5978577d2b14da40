import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { count } from '@/lib/plural';
import { useHandle } from '@/lib/useStall';
import { Asked, Kept } from '@/ui/Asked';
import { Thumb } from '@/ui/Thumb';
import { Tick } from '@/ui/Tick';
import type { PlaceProps } from '@/bench/list/LyingList';

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
      <tbody onFocus={rows.onFocus}>
        {listings.map((l, n) => {
          const tab = rows.tab(first + n);
          return (
            <tr
              key={l.id}
              data-row={first + n}
              data-listing={l.id}
              className={clsx(
                'h-10 border-t border-shade [&>td]:px-2',
                selection.has(l.id) ? 'bg-you-soft' : 'hover:bg-sheet',
              )}
            >
              <td className="w-9 pl-6!">
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
              <td className="w-[46%] max-w-0 min-w-[24ch]">
                <div className="flex items-baseline gap-2">
                  <Link
                    data-hand
                    tabIndex={tab}
                    aria-describedby={`kept-${String(l.id)}`}
                    href={route('bench.listing', [handle, l.id])}
                    className="max-w-full flex-none truncate font-medium hover:underline"
                    data-title
                  >
                    {l.title}
                  </Link>
                  <span className="truncate text-[12.5px] text-mute max-lg:hidden">{l.supplier}</span>
                </div>
              </td>
              <td className="max-w-0 truncate">
                {l.changes > 0 && (
                  <Link href={route('drift', handle)} tabIndex={tab} className="mr-3 font-medium text-ochre underline">
                    {count(l.changes, 'change')}
                  </Link>
                )}
                {l.lacks[0] && <span className="text-ochre">{l.lacks[0].words}</span>}
              </td>
              <td className="w-24 text-right whitespace-nowrap text-mute max-lg:hidden">{l.stock} in stock</td>
              <td className="w-36 text-right">
                <Asked price={l.from} loses={l.fromLoses} />
              </td>
              <td className="w-32 pr-6! text-right" id={`kept-${String(l.id)}`}>
                {l.keep && !l.loses && <span className="text-mute">keeps </span>}
                <Kept keep={l.keep} />
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
