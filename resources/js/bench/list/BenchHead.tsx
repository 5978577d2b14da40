import { Link } from '@inertiajs/react';
import { Carry } from '@/bench/list/Carry';
import { MakeOwn } from '@/bench/own/MakeOwn';
import { RunBar } from '@/source/RunBar';
import type { RunView } from '@/types/runs';

interface Props {
  run: RunView | null;
  setRun: (next: RunView) => void;
  handle: string;
}

/** What is under way, and the ways to carry listings and to see them as a grid. */
export function BenchHead({ run, setRun, handle }: Props) {
  return (
    <div className="flex items-center gap-8 px-6 pt-5 pb-2">
      <h1 className="name text-[26px]">Bench</h1>
      <span className="ml-auto flex items-center gap-5">
        {run?.open && (
          <span className="flex items-center gap-3">
            <RunBar run={run} what="Putting in the window" onChanged={setRun} />
          </span>
        )}
        <MakeOwn />
        <Carry />
        <Link
          href={route('bench.grid', handle)}
          className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
        >
          As a grid
        </Link>
      </span>
    </div>
  );
}
