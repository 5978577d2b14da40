import { send } from '@/lib/http';
import type { RunView } from '@/types/runs';

/** Asks after long work until it has ended. */
export async function ended(
  handle: string,
  run: RunView,
  onStep: (now: RunView) => void = () => undefined,
): Promise<RunView> {
  let now = run;
  while (now.open) {
    await new Promise((later) => setTimeout(later, 600));
    now = await send<RunView>('GET', route('source.run', [handle, run.id]));
    onStep(now);
  }
  return now;
}
