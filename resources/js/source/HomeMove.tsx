import { useEffect, useState } from 'react';
import { send } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import { RunBar } from '@/source/RunBar';
import { useRun } from '@/source/useRun';
import type { RunView } from '@/types/runs';
import type { MovingHomeView } from '@/types/source';

/** While everything is worked out for another home market: how far that is, and a way to stop it. */
export function HomeMove({ home }: { home: string }) {
  const handle = useHandle();
  const [given, setGiven] = useState<RunView | null>(null);
  useEffect(() => {
    send<MovingHomeView>('GET', route('source.home', handle))
      .then((moving) => {
        setGiven(moving.run);
      })
      .catch(() => undefined);
  }, [handle, home]);
  const [run, setRun] = useRun(given);
  if (!run?.open) return null;
  return (
    <div className="sm:col-span-3" data-moving-home>
      <p className="mb-1">Until this is done, the shop sells from its former home market.</p>
      <p className="flex flex-wrap items-center gap-3">
        <RunBar run={run} what="How far the move to another home market is" onChanged={setRun} />
      </p>
    </div>
  );
}
