import { act, renderHook } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { useSay } from '@/bench/listing/useSay';
import type { ListingView } from '@/types/bench';
import { answering } from './answers';

vi.mock('@/lib/useStall', () => ({ useHandle: () => 'quillet' }));

const listing = (version: number): ListingView => ({ id: 5, version }) as unknown as ListingView;
const saying = (version = 3) => {
  const taken: number[] = [];
  const hook = renderHook(() => useSay(listing(version), (next) => taken.push(next.version)));
  return { hook, taken };
};

describe('saying something of a listing', () => {
  it('sends the version that was seen, and goes on with the one that came of it', async () => {
    const sent = answering({ json: listing(4) }, { json: listing(5) });
    const { hook, taken } = saying();
    await act(async () => {
      await hook.result.current.say('/5', { title: 'a' });
      await hook.result.current.say('/5', { title: 'b' });
    });
    expect(sent.map((s) => s.body)).toEqual([
      { title: 'a', version: 3 },
      { title: 'b', version: 4 },
    ]);
    expect(taken).toEqual([4, 5]);
  });

  it('says one thing after the other even when both are said at once', async () => {
    let answer: () => void = () => undefined;
    const wait = new Promise<void>((done) => {
      answer = done;
    });
    const sent = answering({ json: listing(4), wait }, { json: listing(5) });
    const { hook } = saying();
    await act(async () => {
      const both = [hook.result.current.say('/5', { title: 'a' }), hook.result.current.say('/5', { words: 'b' })];
      await Promise.resolve();
      expect(sent).toHaveLength(1);
      answer();
      await Promise.all(both);
    });
    expect(sent[1]?.body).toEqual({ words: 'b', version: 4 });
  });

  it('keeps what was typed when somebody else was quicker, and saves it over theirs when told to', async () => {
    const sent = answering(
      { status: 409, json: { message: 'This listing was changed meanwhile.', stale: true } },
      { json: listing(9) },
      { json: listing(10) },
    );
    const { hook, taken } = saying();
    await act(async () => {
      expect(await hook.result.current.say('/5', { title: 'mine' })).toBe(false);
    });
    expect(hook.result.current.clash).toBe('This listing was changed meanwhile.');
    await act(() => hook.result.current.overrule());
    expect(sent[2]?.body).toEqual({ title: 'mine', version: 9 });
    expect([hook.result.current.clash, taken]).toEqual([null, [10]]);
  });

  it('lets theirs stand when told to, and sends nothing', async () => {
    const sent = answering({ status: 409, json: { message: 'Changed.', stale: true } }, { json: listing(9) });
    const { hook, taken } = saying();
    await act(() => hook.result.current.say('/5', { title: 'mine' }).then(() => undefined));
    await act(() => hook.result.current.giveWay());
    expect(sent.map((s) => s.method)).toEqual(['PATCH', 'GET']);
    expect([hook.result.current.clash, taken]).toEqual([null, [9]]);
  });

  it('goes on after something was refused', async () => {
    const sent = answering({ status: 422, json: { message: 'Too long.' } }, { json: listing(4) });
    const { hook } = saying();
    await act(async () => {
      expect(await hook.result.current.say('/5', { title: 'x'.repeat(400) })).toBe(false);
      expect(await hook.result.current.say('/5', { title: 'x' })).toBe(true);
    });
    expect(sent[1]?.body).toEqual({ title: 'x', version: 3 });
  });
});
