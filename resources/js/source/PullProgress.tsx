import { router } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { ConnectionView, RunView } from '@/types';
import { Button } from '@/ui/Button';

/** One supplier: when it was pulled, how far a pull is, and a button to pull. Goes on when the person leaves. */
export function PullProgress({ connection }: { connection: ConnectionView }) {
  const handle = useHandle();
  const [run, setRun] = useState(connection.run);
  const open = run?.open ?? false;

  useEffect(() => {
    setRun(connection.run);
  }, [connection.run]);
  useEffect(() => {
    if (!open || !run) return;
    const timer = setInterval(() => {
      send<RunView>('GET', route('source.run', [handle, run.id]))
        .then((next) => {
          setRun(next);
          if (!next.open) router.reload();
        })
        .catch(() => undefined);
    }, 700);
    return () => {
      clearInterval(timer);
    };
  }, [open, run, handle]);

  const act = (call: Promise<RunView>) => {
    call.then(setRun).catch((e: unknown) => toast.error(words(e)));
  };

  return (
    <div className="flex min-h-10 flex-wrap items-center gap-x-3 gap-y-1">
      <b className="font-semibold text-sup">{connection.name}</b>
      {run?.open ? (
        <>
          <progress
            className="h-2 w-40 accent-[#3a5788]"
            aria-label={`Pulling ${connection.name}`}
            {...(run.percent === null ? {} : { value: run.percent, max: 100 })}
          />
          <span role="status" className="text-mute">
            {run.doing}
            {run.total !== null && run.doing === 'Reading items' ? `: ${String(run.done)} of ${String(run.total)}` : ''}
          </span>
          <Button
            small
            kind="quiet"
            onClick={() => {
              act(send('DELETE', route('source.run.cancel', [handle, run.id])));
            }}
          >
            Stop
          </Button>
        </>
      ) : (
        <>
          <span className="text-mute" data-pulled>
            {connection.pulled ? `pulled ${connection.pulled}` : 'not pulled yet'}
            {run?.state === 'done' ? ` · ${run.result}` : ''}
            {run?.state === 'cancelled' ? ' · the last pull was stopped' : ''}
          </span>
          <Button
            small
            onClick={() => {
              act(send('POST', route('source.pull', [handle, connection.id])));
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
