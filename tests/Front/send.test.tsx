import { act, renderHook } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { useSend } from '@/lib/useSend';

const toasts = vi.hoisted(() => ({ error: vi.fn() }));
vi.mock('sonner', () => ({ toast: toasts }));

describe('sending for a part of the screen', () => {
  it('is busy while it lasts, and says whether it went well', async () => {
    let answer: (said: string) => void = () => undefined;
    const call = new Promise<string>((done) => {
      answer = done;
    });
    const hook = renderHook(() => useSend()).result;
    let well: Promise<boolean> = Promise.resolve(false);
    act(() => {
      well = hook.current.during(call);
    });
    expect(hook.current.busy).toBe(true);
    await act(async () => {
      answer('done');
      expect(await well).toBe(true);
    });
    expect(hook.current.busy).toBe(false);
  });

  it('says trouble in passing, for long enough to be read', async () => {
    const hook = renderHook(() => useSend()).result;
    await act(async () => {
      expect(await hook.current.during(Promise.reject(new Error('It is gone.')))).toBe(false);
    });
    expect(toasts.error).toHaveBeenCalledWith('It is gone.', { duration: 10_000 });
    expect([hook.current.busy, hook.current.trouble]).toEqual([false, '']);
  });

  it('holds trouble here until something is sent again', async () => {
    const hook = renderHook(() => useSend('here')).result;
    await act(() => hook.current.during(Promise.reject(new Error('It is gone.'))).then(() => undefined));
    expect(hook.current.trouble).toBe('It is gone.');
    await act(() => hook.current.during(Promise.resolve()).then(() => undefined));
    expect(hook.current.trouble).toBe('');
  });
});
