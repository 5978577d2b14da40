import { Head, router } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import { BenchBar } from '@/bench/list/BenchBar';
import { BenchHead } from '@/bench/list/BenchHead';
import { BenchPlaces } from '@/bench/list/BenchPlaces';
import { BenchSearch } from '@/bench/list/BenchSearch';
import { JoinSheet } from '@/bench/list/JoinSheet';
import { LeftOut } from '@/bench/list/LeftOut';
import { useDelete } from '@/bench/useDelete';
import { useLater } from '@/bench/useLater';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import { useRun } from '@/source/useRun';
import type { LeftView, PlaceView, PlacedManyView, PlacementView } from '@/types/bench';
import type { RunView } from '@/types/runs';
import { Explained } from '@/ui/Explained';
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
      <BenchHead run={run} setRun={setRun} handle={handle} />
      {any && <BenchSearch words={words} suppliers={suppliers} from={from} />}
      <LeftOut left={left} />
      {any && (
        <Explained
          key={selection.chosen.length}
          term={selection.chosen.length > 1 ? 'join' : selection.chosen.length === 1 ? 'put_by' : 'out_and_in'}
          className="mb-4 px-6!"
        />
      )}
      <BenchPlaces
        any={any}
        handle={handle}
        lying={lying}
        selection={selection}
        narrowed={narrowed}
        places={places}
        first={first}
        rows={rows}
        put={put}
        shown={shown}
        by={by}
      />
      <BenchBar
        selection={selection}
        remove={remove}
        move={move}
        setJoining={setJoining}
        handle={handle}
        later={later}
        put={put}
      />
      <JoinSheet
        listings={listings.filter((l) => selection.has(l.id))}
        open={joining}
        onClose={() => setJoining(false)}
      />
    </div>
  );
}
