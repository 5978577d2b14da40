import { LeftOut } from '@/bench/list/LeftOut';
import { ListingTable } from '@/bench/list/ListingTable';
import { plural } from '@/lib/plural';
import { Head, Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import { Carry } from '@/bench/list/Carry';
import { JoinSheet } from '@/bench/list/JoinSheet';
import { useDelete } from '@/bench/useDelete';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import { RunBar } from '@/source/RunBar';
import { useRun } from '@/source/useRun';
import type { LeftView, ListingRowView, PlacedManyView, PlacementView, RunView } from '@/types';
import { Button } from '@/ui/Button';
import { Empty } from '@/ui/Empty';
import { Pager } from '@/ui/Pager';
import { SelectionBar } from '@/ui/SelectionBar';
import { useSelection } from '@/ui/useSelection';

interface Props {
  listings: ListingRowView[];
  state: string | null;
  counts: Record<string, number>;
  atOnce: number;
  next: string | null;
  previous: string | null;
}

const STATES = [
  { key: null, name: 'All' },
  { key: 'on_bench', name: 'On the bench' },
  { key: 'in_window', name: 'In the window' },
  { key: 'put_by', name: 'Put by' },
];

export default function BenchPage({ listings, state, counts, atOnce, next, previous }: Props) {
  const handle = useHandle();
  const selection = useSelection(listings.map((l) => l.id));
  const [left, setLeft] = useState<LeftView[]>([]);

  const [run, setRun] = useRun(null);
  const [joining, setJoining] = useState(false);
  const remove = useDelete();

  // Many are put in the window in the background; what came of it is shown when it ends.
  const ended = run && !run.open ? run.id : null;
  useEffect(() => {
    if (ended === null) return;
    send<PlacedManyView>('GET', route('bench.placed', [handle, ended]))
      .then((done) => {
        toast.success(`${String(done.placed)} in the window.`);
        setLeft(done.left.map((l) => ({ id: l.id, title: l.title, lacks: [{ place: '', words: l.why }] })));
      })
      .catch(sayTrouble);
  }, [ended, handle]);

  const put = async () => {
    try {
      if (selection.chosen.length > atOnce) {
        setRun(await send<RunView>('POST', route('bench.place', handle), { listings: selection.chosen }));
        selection.clear();
        return;
      }
      const result = await send<PlacementView>('POST', route('bench.window', handle), { listings: selection.chosen });
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
  const all = Object.values(counts).reduce((sum, n) => sum + n, 0);

  return (
    <div className="pb-20">
      <Head title="Bench" />
      <div className="flex items-baseline gap-8 px-6 pt-5 pb-3">
        <h1 className="name text-[26px]">Bench</h1>
        <nav aria-label="Where listings lie" className="flex gap-5">
          {STATES.map((s) => (
            <Link
              key={s.name}
              href={route('bench', [handle, s.key ? { state: s.key } : {}])}
              aria-current={s.key === state ? 'page' : undefined}
              className={clsx(
                'py-1',
                s.key === state ? 'border-b-2 border-you font-semibold' : 'text-mute hover:text-ink',
              )}
            >
              {s.name} <span className="text-mute">{s.key === null ? all : (counts[s.key] ?? 0)}</span>
            </Link>
          ))}
        </nav>
        <span className="ml-auto flex items-center gap-5">
          {run?.open && (
            <span className="flex items-center gap-3">
              <RunBar run={run} what="Putting in the window" onChanged={setRun} />
            </span>
          )}
          <Carry />
          <Link
            href={route('bench.grid', [handle, state ? { state } : {}])}
            className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
          >
            As a grid
          </Link>
        </span>
      </div>
      <LeftOut left={left} />
      {listings.length === 0 ? (
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
        <ListingTable listings={listings} selection={selection} />
      )}
      <Pager previous={previous} next={next} />
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
        <Button className="text-ink" onClick={() => void move('on_bench')}>
          Take out of the window
        </Button>
        <Button className="text-ink font-semibold!" onClick={() => void put()}>
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
