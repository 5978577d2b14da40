import { act, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { useListing } from '@/bench/listing/useListing';
import type { ListingView } from '@/types/bench';
import { answering } from './answers';

vi.mock('@inertiajs/react', () => ({ usePage: () => ({ props: { frame: { handle: 'quillet' } } }) }));

const listing = (waiting: number, version: number, title = 'Trowel'): ListingView =>
  ({
    id: 7,
    version,
    title: { shown: title },
    choices: { variants: [], sales: [] },
    supplier: {},
    pictures: { waiting },
  }) as unknown as ListingView;

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});

const pass = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));

it('shows pictures as they come, and has the page made anew once all are there', async () => {
  const sent = answering({ json: listing(1, 3) }, { json: listing(0, 3, 'Hand trowel') });
  const { result, unmount } = renderHook(() => useListing(LISTED));
  const before = result.current.stamp;
  await pass(1_300);
  expect([result.current.listing.pictures.waiting, result.current.stamp]).toEqual([1, before]);
  await pass(5_000);
  expect(result.current.listing).toMatchObject({ title: { shown: 'Hand trowel' }, pictures: { waiting: 0 } });
  expect([result.current.stamp, sent.length]).toEqual([before + 1, 2]);
  unmount();
});

it('takes only pictures where somebody else said something meanwhile', async () => {
  answering({ json: listing(0, 4, 'Theirs') });
  const { result, unmount } = renderHook(() => useListing(LISTED));
  await pass(1_300);
  expect(result.current.listing).toMatchObject({ title: { shown: 'Trowel' }, version: 3, pictures: { waiting: 0 } });
  unmount();
});

it('counts an answer once', async () => {
  answering();
  const { result, unmount } = renderHook(() => useListing(STILL));
  await act(() => result.current.edit(Promise.resolve(listing(0, 4, 'Mine'))).then(() => undefined));
  await pass(50);
  expect([result.current.listing.title.shown, result.current.stamp]).toEqual(['Mine', 1]);
  unmount();
});

const LISTED = listing(2, 3);
const STILL = listing(0, 3);
