import { count } from '@/lib/plural';
import { Link } from '@inertiajs/react';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import { RunBar } from '@/source/RunBar';
import { useRun } from '@/source/useRun';
import type { RunView } from '@/types/runs';
import type { ConnectionView } from '@/types/source';
import { Button } from '@/ui/Button';

/** One supplier: when it was pulled, how far a pull is, and a button to pull. */
export function PullProgress({ connection }: { connection: ConnectionView }) {
  const handle = useHandle();
  const [run, setRun] = useRun(connection.run);

  return (
    <div className="flex min-h-9 flex-wrap items-center gap-x-3 gap-y-1">
      <Link href={route('source.supplier', [handle, connection.id])} className="font-semibold text-sup hover:underline">
        {connection.name}
      </Link>
      {run?.open ? (
        <RunBar run={run} what={`Pulling ${connection.name}`} onChanged={setRun} />
      ) : !connection.ready ? (
        <Link href={route('source.mapping', [handle, connection.id])} className="font-medium text-you underline">
          Say what its columns mean
        </Link>
      ) : (
        <>
          <span className="text-mute" data-pulled>
            {connection.paused ? 'paused · ' : ''}
            {connection.pulled ? `pulled ${connection.pulled}` : 'not pulled yet'}
            {run?.state === 'done' ? ` · ${run.result}` : ''}
            {run?.state === 'cancelled' ? ' · the last pull was stopped' : ''}
            {run && run.rejects > 0 ? ` · ${count(run.rejects, 'row')} left out` : ''}
          </span>
          <Button
            small
            onClick={() => {
              send<RunView>('POST', route('source.pull', [handle, connection.id]))
                .then(setRun)
                .catch(sayTrouble);
            }}
          >
            Pull again
          </Button>
        </>
      )}
      {!run?.open && (run?.trouble ?? connection.trouble) && (
        <p role="alert" className="basis-full border-l-4 border-you bg-you-soft px-3 py-1.5">
          {run?.trouble ?? connection.trouble}
        </p>
      )}
    </div>
  );
}
