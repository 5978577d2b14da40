import { expect, it, vi } from 'vitest';
import { ended } from '@/lib/runs';
import type { RunView } from '@/types/runs';
import { answering } from './answers';

const run = (open: boolean, done = 0): RunView =>
  ({ id: 7, open, done, state: open ? 'running' : 'done', trouble: null }) as unknown as RunView;

it('asks after long work until it has ended, and tells each step', async () => {
  vi.useFakeTimers();
  const sent = answering({ json: run(true, 10) }, { json: run(true, 20) }, { json: run(false, 30) });
  const steps: number[] = [];
  const waiting = ended('quillet', run(true), (now) => steps.push(now.done));
  await vi.advanceTimersByTimeAsync(5_000);
  await expect(waiting).resolves.toMatchObject({ open: false, done: 30 });
  expect(steps).toEqual([10, 20, 30]);
  expect(sent).toHaveLength(3);
  vi.useRealTimers();
});

it('asks nothing of what has ended already', async () => {
  const sent = answering();
  await expect(ended('quillet', run(false, 3))).resolves.toMatchObject({ done: 3 });
  expect(sent).toHaveLength(0);
});
