import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { RunView } from '@/types/runs';
import { Button } from '@/ui/Button';

/** How far long work is, what it is doing, and a way to stop it. It goes on when the person leaves. */
export function RunBar({ run, what, onChanged }: { run: RunView; what: string; onChanged: (next: RunView) => void }) {
  const handle = useHandle();
  return (
    <>
      <progress
        className="h-2 w-40 text-sup"
        aria-label={what}
        {...(run.percent === null ? {} : { value: run.percent, max: 100 })}
      />
      <span role="status" className="text-mute">
        {run.doing}
        {run.total !== null && run.done > 0
          ? `: ${run.done.toLocaleString('en')} of ${run.total.toLocaleString('en')}`
          : ''}
      </span>
      <Button
        small
        kind="quiet"
        onClick={() => {
          send<RunView>('DELETE', route('source.run.cancel', [handle, run.id]))
            .then(onChanged)
            .catch(sayTrouble);
        }}
      >
        Stop
      </Button>
    </>
  );
}
