import { Link } from '@inertiajs/react';
import { LyingList } from '@/bench/list/LyingList';
import { Place } from '@/bench/list/Place';
import { ShownTable } from '@/bench/list/ShownTable';
import type { ListingRowView, PlaceView } from '@/types/bench';
import { Empty } from '@/ui/Empty';
import type { Rows } from '@/ui/useRowKeys';
import type { Selection } from '@/ui/useSelection';

interface Props {
  any: boolean;
  handle: string;
  lying: PlaceView;
  selection: Selection;
  narrowed: boolean;
  places: readonly [ListingRowView[], ListingRowView[], ListingRowView[]];
  first: { lying: number; shown: number; by: number };
  rows: Rows;
  put: (ids: number[]) => Promise<void>;
  shown: PlaceView;
  by: PlaceView;
}

/** What lies on the bench, what is in the window, and what is put by. */
export function BenchPlaces({ any, handle, lying, selection, narrowed, places, first, rows, put, shown, by }: Props) {
  return (
    <>
      {!any ? (
        <Empty
          title="Nothing lies here"
          step={
            <Link
              href={route('source', handle)}
              className="inline-block rounded-[7px] bg-till px-4 py-2.5 font-semibold text-sheet"
            >
              Go to Source
            </Link>
          }
        >
          Take an item from a supplier’s catalogue and it lies here to be named, priced and put in the window. Or say in
          a sentence what the shop sells, and{' '}
          <Link href={route('opening.first', handle)} className="underline underline-offset-4">
            have a first shop laid out
          </Link>
          .
        </Empty>
      ) : (
        <>
          <Place
            name="lying"
            title="On the bench"
            place={lying}
            selection={selection}
            nothing={
              narrowed ? 'Nothing on the bench is called that.' : 'The bench is clear. Take something in Source.'
            }
          >
            <LyingList
              listings={places[0]}
              first={first.lying}
              rows={rows}
              selection={selection}
              onShow={(listing) => void put([listing])}
            />
          </Place>
          <Place
            name="shown"
            title="In the window"
            place={shown}
            selection={selection}
            nothing={narrowed ? 'Nothing in the window is called that.' : 'Nothing is in the window yet.'}
          >
            <ShownTable
              label="In the window"
              listings={places[1]}
              first={first.shown}
              rows={rows}
              selection={selection}
            />
          </Place>
          {(by.count > 0 || by.rows !== null) && (
            <Place name="by" title="Put by" place={by} selection={selection} nothing="Nothing is put by." folds>
              {by.rows !== null && (
                <ShownTable label="Put by" listings={places[2]} first={first.by} rows={rows} selection={selection} />
              )}
            </Place>
          )}
        </>
      )}
    </>
  );
}
