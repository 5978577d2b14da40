import { act, renderHook } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { useDelete } from '@/bench/useDelete';
import { useLater } from '@/bench/useLater';
import { useTakeBack, useUndo } from '@/bench/useUndo';
import { useRun } from '@/source/useRun';
import type { RunView } from '@/types/runs';
import { answering } from './answers';

const router = vi.hoisted(() => ({ reload: vi.fn() }));
const toast = vi.hoisted(() =>
  Object.assign(vi.fn(), { loading: vi.fn(() => 7), dismiss: vi.fn(), success: vi.fn(), error: vi.fn() }),
);
vi.mock('@inertiajs/react', () => ({ router }));
vi.mock('sonner', () => ({ toast }));
vi.mock('@/lib/useStall', () => ({ useHandle: () => 'quillet' }));

const run = (open: boolean, trouble: string | null = null): RunView => ({ id: 9, open, trouble }) as unknown as RunView;
/** Lets what was promised happen, over so many milliseconds of waiting for a run. */
const pass = (ms = 0) => act(() => vi.advanceTimersByTimeAsync(ms));
const offered = () =>
  (toast.mock.calls.at(-1)?.[1] as { action?: { label: string; onClick: () => void } } | undefined)?.action;

beforeEach(() => {
  vi.useFakeTimers();
  for (const mock of [router.reload, toast, toast.loading, toast.dismiss, toast.success, toast.error]) mock.mockClear();
  toast.loading.mockReturnValue(7);
});

describe('taking a step back', () => {
  it('says what was done as a sentence and offers the way back once', async () => {
    const sent = answering({ json: { run: null } });
    const { result } = renderHook(() => useUndo());
    result.current(31, 'tagged shed: 2 listings');
    expect(toast.mock.calls[0]?.[0]).toBe('Tagged shed: 2 listings.');
    expect(router.reload).toHaveBeenCalledWith({ only: ['frame'] });
    expect(offered()?.label).toBe('Take it back');
    offered()?.onClick();
    await pass();
    expect(sent[0]).toMatchObject({ url: '/bench.undo/["quillet",31]', method: 'POST', body: {} });
    expect(toast.success).toHaveBeenCalledWith('Taken back.');
    expect(router.reload).toHaveBeenCalledTimes(2);
  });

  it('leaves a sentence that ends by itself as it is', () => {
    const { result } = renderHook(() => useUndo());
    result.current(31, 'Is that all?');
    expect(toast.mock.calls[0]?.[0]).toBe('Is that all?');
  });

  it('waits for one that takes long, and says so meanwhile', async () => {
    answering({ json: { run: run(true) } }, { json: run(true) }, { json: run(false) });
    const { result } = renderHook(() => useTakeBack());
    let done = false;
    void result.current(31, [4, 5]).then(() => (done = true));
    await pass(700);
    expect(toast.loading).toHaveBeenCalledWith('Taking it back…');
    expect([done, toast.dismiss.mock.calls.length]).toEqual([false, 0]);
    await pass(700);
    expect([done, toast.dismiss.mock.calls[0]?.[0]]).toEqual([true, 7]);
  });

  it('says why where it couldn’t be', async () => {
    answering({ json: { run: run(true) } }, { json: run(false, 'Somebody changed them since.') });
    const { result } = renderHook(() => useUndo());
    result.current(31, 'done');
    offered()?.onClick();
    await pass(700);
    expect(toast.error.mock.calls[0]?.[0]).toBe('Somebody changed them since.');
    expect(toast.success).not.toHaveBeenCalled();
  });
});

describe('an edit that goes on in the background', () => {
  it('is waited for, then told with its way back', async () => {
    answering({ json: run(false) }, { json: { change: 40, words: '501 listings tagged' } });
    renderHook(() => useLater()).result.current(run(true));
    expect(toast.loading).toHaveBeenCalled();
    await pass(700);
    expect(toast.mock.calls.at(-1)?.[0]).toBe('501 listings tagged.');
    expect(offered()?.label).toBe('Take it back');
    expect(toast.dismiss).toHaveBeenCalledWith(7);
  });

  it('offers no way back where nothing was changed', async () => {
    answering({ json: run(false) }, { json: { change: 0, words: 'They stand so already.' } });
    renderHook(() => useLater()).result.current(run(true));
    await pass(700);
    expect([toast.mock.calls.at(-1)?.[0], offered()]).toEqual(['They stand so already.', undefined]);
  });

  it('says what went wrong', async () => {
    answering({ json: run(false, 'The supplier is away.') });
    renderHook(() => useLater()).result.current(run(true));
    await pass(700);
    expect(toast.error.mock.calls[0]?.[0]).toBe('The supplier is away.');
    expect(toast.dismiss).toHaveBeenCalledWith(7);
  });
});

describe('deleting listings', () => {
  it('is one step, with its way back', async () => {
    const sent = answering({ json: { change: 5, words: 'deleted 2 listings' } });
    const done = vi.fn();
    renderHook(() => useDelete()).result.current([1, 2], done);
    await pass();
    expect([sent[0]?.body, done.mock.calls.length]).toEqual([{ listings: [1, 2] }, 1]);
    expect(toast.mock.calls.at(-1)?.[0]).toBe('Deleted 2 listings.');
  });

  it('leaves everything where it was refused', async () => {
    answering({ status: 422, json: { message: 'One of them is gone.' } });
    const done = vi.fn();
    renderHook(() => useDelete()).result.current([1], done);
    await pass();
    expect([done.mock.calls.length, toast.error.mock.calls[0]?.[0]]).toEqual([0, 'One of them is gone.']);
  });
});

describe('watching a run', () => {
  it('asks until it has ended, once more through what fails, and then loads the page’s figures', async () => {
    const sent = answering({ json: run(true) }, { status: 500, json: {} }, { json: run(false) });
    const given = run(true);
    const { result, unmount } = renderHook(() => useRun(given));
    await pass(2_200);
    expect([sent.length, result.current[0]?.open, router.reload.mock.calls.length]).toEqual([3, false, 1]);
    await pass(3_000);
    expect(sent).toHaveLength(3);
    unmount();
  });

  it('asks nothing where there is none, and nothing more once it isn’t looked at', async () => {
    const sent = answering();
    renderHook(() => useRun(null));
    const given = run(true);
    const { unmount } = renderHook(() => useRun(given));
    unmount();
    await pass(3_000);
    expect(sent).toEqual([]);
  });
});
