import { send } from '@/lib/http';
import { looked } from '@/lib/subject';
import type { RunView } from '@/types/runs';

/** Asks after long work until it has ended. */
export function ended(
  handle: string,
  run: RunView,
  onStep: (now: RunView) => void = () => undefined,
): Promise<RunView> {
  const look = async () => {
    const now = await send<RunView>('GET', route('source.run', [handle, run.id]));
    onStep(now);
    return now;
  };
  return looked(run, (now) => now.open, look, 600);
}
