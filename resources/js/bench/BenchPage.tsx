import { LeftOut } from '@/bench/list/LeftOut';
import { LyingList } from '@/bench/list/LyingList';
import { Place, turn } from '@/bench/list/Place';
import { ShownTable } from '@/bench/list/ShownTable';
import { plural } from '@/lib/plural';
import { Head, Link, router } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import { Carry } from '@/bench/list/Carry';
import { JoinSheet } from '@/bench/list/JoinSheet';
import { CleanUp } from '@/bench/list/CleanUp';
import { useLater } from '@/bench/useLater';
import { useDelete } from '@/bench/useDelete';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import { RunBar } from '@/source/RunBar';
import { useRun } from '@/source/useRun';
import type { LeftView, PlaceView, PlacedManyView, PlacementView } from '@/types/bench';
import type { RunView } from '@/types/runs';
import { Button } from '@/ui/Button';
import { Empty } from '@/ui/Empty';
import { Explained } from '@/ui/Explained';
import { SearchField } from '@/ui/SearchField';
import { SelectionBar } from '@/ui/SelectionBar';
import { useRowKeys } from '@/ui/useRowKeys';
import { useSelection } from '@/ui/useSelection';

interface Props {
  lying: PlaceView;
  shown: PlaceView;
  by: PlaceView;
  words: string;
  from: number | null;
  suppliers: { id: number; name: string }[];
  /** Whether the stall has taken anything yet. */
  any: boolean;
  atOnce: number;
}

export default function BenchPage({ lying, shown, by, words, from, suppliers, any, atOnce }: Props) {
  const handle = useHandle();
  const places = [lying.rows ?? [], shown.rows ?? [], by.rows ?? []] as const;
  const listings = places.flat();
  const selection = useSelection(listings.map((l) => l.id));
  const [left, setLeft] = useState<LeftView[]>([]);

  const [run, setRun] = useRun(null);
  const [joining, setJoining] = useState(false);
  const remove = useDelete();
  const later = useLater();

  // Many are put in the window in the background; what came of it is shown when it ends.
  const ended = run && !run.open ? run.id : null;
  useEffect(() => {
    if (ended === null) return;
    send<PlacedManyView>('GET', route('bench.placed', [handle, ended]))
      .then((done) => {
        toast.success(`${String(done.placed)} in the window.`);
        setLeft(done.left.map((l) => ({ id: l.id, title: l.title, lacks: [{ place: '', words: l.why, meant: [] }] })));
      })
      .catch(sayTrouble);
  }, [ended, handle]);

  const put = async (ids: number[]) => {
    try {
      if (ids.length > atOnce) {
        setRun(await send<RunView>('POST', route('bench.place', handle), { listings: ids }));
        selection.clear();
        return;
      }
      const result = await send<PlacementView>('POST', route('bench.window', handle), { listings: ids });
      if (result.placed.length > 0) toast.success(`${String(result.placed.length)} in the window.`);
      setLeft(result.left);
      selection.clear();
      router.reload();
    } catch (error) {
      sayTrouble(error);
    }
  };
  const move = async (to: string) => {
    try {
      await send('POST', route('bench.out', handle), { listings: selection.chosen, to });
      selection.clear();
      router.reload();
    } catch (error) {
      sayTrouble(error);
    }
  };
  const id = (row: number): number => listings[row]?.id ?? 0;
  const rows = useRowKeys(listings.length, {
    choose: (row) => selection.toggle(id(row), false),
    show: (row) => void put([id(row)]),
  });
  const first = { lying: 0, shown: places[0].length, by: places[0].length + places[1].length };
  const narrowed = words !== '' || from !== null;

  return (
    <div className="pb-20">
      <Head title="Bench" />
      <div className="flex items-center gap-8 px-6 pt-5 pb-2">
        <h1 className="name text-[26px]">Bench</h1>
        <span className="ml-auto flex items-center gap-5">
          {run?.open && (
            <span className="flex items-center gap-3">
              <RunBar run={run} what="Putting in the window" onChanged={setRun} />
            </span>
          )}
          <Carry />
          <Link
            href={route('bench.grid', handle)}
            className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
          >
            As a grid
          </Link>
        </span>
      </div>
      {any && (
        <div className="mb-6 flex items-center gap-6 border-b border-line px-6 pb-2.5 max-md:flex-wrap max-md:gap-2">
          <SearchField
            label="Find on the bench"
            placeholder="Words of a title, a tag, a SKU"
            words={words}
            onSay={(q) => turn({ q, lying: null, shown: null })}
          />
          {suppliers.length > 1 && (
            <label className="whitespace-nowrap text-mute">
              from{' '}
              <select
                value={from ?? ''}
                aria-label="From which supplier"
                onChange={(e) => turn({ from: e.target.value, lying: null, shown: null })}
                className="border-b border-rule bg-transparent py-1 font-medium text-ink"
              >
                <option value="">every supplier</option>
                {suppliers.map((s) => (
                  <option key={s.id} value={s.id}>
                    {s.name}
                  </option>
                ))}
              </select>
            </label>
          )}
        </div>
      )}
      <LeftOut left={left} />
      {any && (
        <Explained
          key={selection.chosen.length}
          term={selection.chosen.length > 1 ? 'join' : selection.chosen.length === 1 ? 'put_by' : 'out_and_in'}
          className="mb-4 px-6!"
        />
      )}
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
          Take an item from a supplier’s catalogue and it lies here to be named, priced and put in the window.
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
      <SelectionBar
        count={selection.chosen.length}
        what={plural(selection.chosen.length, 'listing chosen', 'listings chosen')}
        onClear={selection.clear}
      >
        <Button
          kind="quiet"
          className="text-[#d8cdbb]! hover:text-sheet!"
          onClick={() => remove(selection.chosen, selection.clear)}
        >
          Delete
        </Button>
        <Button kind="quiet" className="text-[#d8cdbb]! hover:text-sheet!" onClick={() => void move('put_by')}>
          Put by
        </Button>
        {selection.chosen.length > 1 && (
          <Button kind="quiet" className="text-[#d8cdbb]! hover:text-sheet!" onClick={() => setJoining(true)}>
            Join
          </Button>
        )}
        <CleanUp
          count={selection.chosen.length}
          onClean={(ways) =>
            void send<RunView>('POST', route('bench.clean', handle), { listings: selection.chosen, ways })
              .then((begun) => {
                later(begun);
                selection.clear();
              })
              .catch(sayTrouble)
          }
        />
        <Button className="text-ink" onClick={() => void move('on_bench')}>
          Take out of the window
        </Button>
        <Button className="text-ink font-semibold!" onClick={() => void put(selection.chosen)}>
          Put in the window
        </Button>
      </SelectionBar>
      <JoinSheet
        listings={listings.filter((l) => selection.has(l.id))}
        open={joining}
        onClose={() => setJoining(false)}
      />
    </div>
  );
}
