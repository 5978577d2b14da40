import { act, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useSubject } from '@/lib/subject';
import { useAsked } from '@/lib/useAsked';
import { useGiven } from '@/lib/useGiven';
import { answering } from './answers';

interface Kiln {
  heat: number;
  firing: boolean;
}

const pass = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});

describe('a subject', () => {
  const kiln = (given: Kiln) =>
    renderHook((now: Kiln) => useSubject({ at: '/kiln', given: now, moving: (k: Kiln) => k.firing, every: 500 }), {
      initialProps: given,
    });

  it('is looked at again until it rests, and not once more', async () => {
    const sent = answering({ json: { heat: 400, firing: true } }, { json: { heat: 900, firing: false } });
    const { result, unmount } = kiln({ heat: 20, firing: true });
    expect(sent).toHaveLength(0);
    await pass(600);
    expect(result.current[0].heat).toBe(400);
    await pass(5_000);
    expect([result.current[0].heat, sent.length]).toEqual([900, 2]);
    unmount();
  });

  it('stands as it was answered last: a look that was under way says nothing', async () => {
    let answer: () => void = () => undefined;
    const slow = new Promise<void>((done) => {
      answer = done;
    });
    answering({ json: { heat: 400, firing: true }, wait: slow });
    const { result, unmount } = kiln({ heat: 20, firing: true });
    await pass(600);
    act(() => {
      result.current[1]({ heat: 5, firing: false });
    });
    answer();
    await pass(2_000);
    expect(result.current[0]).toEqual({ heat: 5, firing: false });
    unmount();
  });

  it('is what came with the page anew, and keeps what it had where a look fails', async () => {
    answering({ status: 503, json: { message: 'Away.' } });
    const { result, rerender, unmount } = kiln({ heat: 20, firing: true });
    await pass(600);
    expect(result.current[0].heat).toBe(20);
    rerender({ heat: 70, firing: false });
    await pass(10);
    expect(result.current[0].heat).toBe(70);
    unmount();
  });
});

/** It is asked at the end of the one, and answered in the other. */
const rest = async () => {
  await pass(250);
  await pass(10);
};

describe('what is asked of the server', () => {
  const asked = (first: object | null) =>
    renderHook(
      (body: object | null) => useAsked<{ keeps: number }>(body === null ? null : { url: '/try', body }, 200),
      {
        initialProps: first,
      },
    );

  it('is asked once it rests; the last answer stands until the next', async () => {
    const sent = answering({ json: { keeps: 1 } }, { json: { keeps: 3 } });
    const { result, rerender, unmount } = asked({ price: 1 });
    await rest();
    expect(result.current.answer?.keeps).toBe(1);
    rerender({ price: 2 });
    await pass(100);
    rerender({ price: 3 });
    expect(result.current.answer?.keeps).toBe(1);
    await rest();
    expect([result.current.answer?.keeps, sent.map((s) => s.body)]).toEqual([3, [{ price: 1 }, { price: 3 }]]);
    unmount();
  });

  it('says what was refused, and nothing once there is nothing to ask', async () => {
    answering({ status: 422, json: { message: 'That is under its floor.' } });
    const { result, rerender, unmount } = asked({ price: 0 });
    await rest();
    expect(result.current.trouble).toBe('That is under its floor.');
    rerender(null);
    expect(result.current).toEqual({ answer: null, trouble: '' });
    unmount();
  });
});

it('holds what came with the page until something else comes with it', () => {
  const { result, rerender } = renderHook((given: number[]) => useGiven(given), { initialProps: [1] });
  act(() => {
    result.current[1]([1, 2]);
  });
  expect(result.current[0]).toEqual([1, 2]);
  rerender([7]);
  expect(result.current[0]).toEqual([7]);
});
