import { Link } from '@inertiajs/react';
import { CheckIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import { count } from '@/lib/plural';
import { useHandle } from '@/lib/useStall';
import type { ListingRowView } from '@/types/bench';
import { Asked, Kept } from '@/ui/Asked';
import { Button } from '@/ui/Button';
import { Thumb } from '@/ui/Thumb';
import { Tick } from '@/ui/Tick';
import type { Rows } from '@/ui/useRowKeys';
import type { Selection } from '@/ui/useSelection';

export interface PlaceProps {
  listings: ListingRowView[];
  /** The number of its first row among all rows of the page. */
  first: number;
  rows: Rows;
  selection: Selection;
}

/** So many lacks are said; the listing's page says the others. */
const SAID = 2;

/** What lies on the bench: each with what is left to do, and the one next step. */
export function LyingList({ listings, first, rows, selection, onShow }: PlaceProps & { onShow: (id: number) => void }) {
  const handle = useHandle();
  return (
    <ul {...rows.list} aria-label="On the bench">
      {listings.map((l, n) => {
        const row = first + n;
        const tab = rows.tab(row);
        const ready = l.lacks.length === 0;
        return (
          <li
            key={l.id}
            data-row={row}
            data-listing={l.id}
            className={clsx(
              'flex items-center gap-4 border-t border-line py-2.5 pr-6 pl-5 max-md:flex-wrap max-md:gap-3 max-md:px-3',
              'border-l-4',
              ready ? 'border-l-see' : 'border-l-transparent',
              selection.has(l.id) ? 'bg-you-soft' : 'bg-sheet',
            )}
          >
            <Tick
              label={`Choose ${l.title}`}
              checked={selection.has(l.id)}
              tab={tab}
              onToggle={(range) => selection.toggle(l.id, range)}
            />
            <Thumb src={l.picture} size={60} />
            <div
              className={clsx(
                'flex min-w-0 flex-1 items-center gap-x-4 gap-y-1',
                'max-lg:flex-col max-lg:items-stretch max-md:basis-[60%]',
              )}
            >
              <div className="min-w-[24ch] max-md:min-w-0 lg:w-[42%]" data-title>
                <Link
                  data-hand
                  tabIndex={tab}
                  aria-describedby={`left-${String(l.id)}`}
                  href={route('bench.listing', [handle, l.id])}
                  className={clsx(
                    'line-clamp-2 text-[15px] leading-snug font-semibold hover:underline',
                    l.titleHeld ? 'text-ink' : 'text-sup',
                  )}
                >
                  {l.title}
                </Link>
                <span className="text-[12.5px] text-mute">
                  {l.supplier} · {l.variantsOn} of {count(l.variants, 'variant')} on
                </span>
              </div>
              <ul id={`left-${String(l.id)}`} className="min-w-0 flex-1 text-[13.5px]">
                {ready ? (
                  <li className="font-semibold text-see">
                    <CheckIcon size={14} weight="bold" aria-hidden className="mr-1 inline align-[-2px]" />
                    ready for the window
                  </li>
                ) : (
                  l.lacks.slice(0, SAID).map((lack) => (
                    <li key={lack.words} className="text-ochre before:mr-2 before:content-['–']">
                      {lack.words}
                    </li>
                  ))
                )}
                {l.lacks.length > SAID && <li className="text-mute">and {l.lacks.length - SAID} more to do</li>}
              </ul>
            </div>
            <div className="w-32 flex-none text-right text-[13px] text-mute max-md:hidden">
              <div className="text-[15px]">
                <Asked price={l.from} loses={l.fromLoses} />
              </div>
              {!l.loses && l.keep && 'keeps '}
              <Kept keep={l.keep} quiet />
            </div>
            <div className="w-40 flex-none text-right max-md:w-full">
              {ready ? (
                <Button
                  small
                  className="border-see! font-semibold! text-see"
                  tabIndex={tab}
                  onClick={() => onShow(l.id)}
                  aria-label={`Put in the window: ${l.title}`}
                >
                  Put in the window
                </Button>
              ) : (
                <Link
                  tabIndex={tab}
                  href={route('bench.listing', [handle, l.id])}
                  aria-label={`Go on with ${l.title}`}
                  className="rounded-[7px] border border-rule/60 bg-sheet px-2.5 py-1 text-[13px] font-medium hover:bg-paper"
                >
                  Go on
                </Link>
              )}
            </div>
          </li>
        );
      })}
    </ul>
  );
}
