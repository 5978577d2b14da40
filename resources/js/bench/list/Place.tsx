import { router } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import type { PlaceView } from '@/types/bench';
import { Pager } from '@/ui/Pager';
import { TickAll } from '@/ui/TickAll';
import type { Selection } from '@/ui/useSelection';

interface Props {
  /** Its part of the address: which page of it is seen. */
  name: string;
  title: string;
  place: PlaceView;
  selection: Selection;
  /** What is said where nothing lies there. */
  nothing: string;
  folds?: boolean;
  children: ReactNode;
}

/** Changes the address, and with it what is seen; what isn't said stays. */
export function turn(to: Record<string, string | null>): void {
  const url = new URL(window.location.href);
  for (const [name, value] of Object.entries(to)) {
    if (value === null || value === '') url.searchParams.delete(name);
    else url.searchParams.set(name, value);
  }
  router.get(url.toString(), {}, { preserveState: true, preserveScroll: true, replace: true });
}

/** One of the places where listings lie, with its pages; put by is folded away until it is asked for. */
export function Place({ name, title, place, selection, nothing, folds = false, children }: Props) {
  const ids = place.rows?.map((l) => l.id) ?? [];
  const folded = place.rows === null;
  const to = (page: number) => (page < 1 || page > place.pages ? null : () => turn({ [name]: String(page) }));
  const heading = (
    <>
      {title}{' '}
      <span className="ml-1 font-sans text-[14px] font-normal text-mute">{place.count.toLocaleString('en')}</span>
    </>
  );
  return (
    <section aria-label={title} data-place={name} className="mb-7">
      <div className="flex items-center gap-4 px-6 pb-2">
        {ids.length > 0 && (
          <span className="w-4">
            <TickAll selection={selection} ids={ids} label={`Choose all: ${title}`} />
          </span>
        )}
        <h2 className={clsx('name text-[18px]', folded && 'text-mute')}>
          {folds && place.count > 0 ? (
            <button type="button" aria-expanded={!folded} onClick={() => turn({ [name]: folded ? '1' : null })}>
              {heading}
              <span className="ml-3 font-sans text-[13px] font-normal underline decoration-line underline-offset-4">
                {folded ? 'Unfold' : 'Fold away'}
              </span>
            </button>
          ) : (
            heading
          )}
        </h2>
      </div>
      {place.count === 0 ? <p className="border-t border-line px-6 py-3 text-mute">{nothing}</p> : children}
      {!folded && place.pages > 1 && (
        <Pager previous={to(place.page - 1)} next={to(place.page + 1)}>
          <span className="text-mute">
            {place.page} of {place.pages}
          </span>
        </Pager>
      )}
    </section>
  );
}
