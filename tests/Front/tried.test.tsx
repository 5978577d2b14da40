import { act, renderHook } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { useTriedPrice } from '@/bench/listing/useTriedPrice';
import type { SaleView } from '@/types/bench';
import { answering } from './answers';

vi.mock('@/lib/useStall', () => ({ useHandle: () => 'quillet' }));

const sale = (about: string): SaleView => ({ about }) as SaleView;
const answered = () => act(() => new Promise((done) => setTimeout(done)));

describe('a price that is being typed', () => {
  it('keeps what it comes to when something said before it is answered', async () => {
    answering({ json: sale('0.50') });
    const { result } = renderHook(() => useTriedPrice(5, sale('6.50')));
    const answer: ((said: boolean) => void)[] = [];
    const named = result.current.settle(new Promise((done) => answer.push(done)));
    act(() => result.current.tryPrice(7, '0.50'));
    await answered();
    expect(result.current.sale?.about).toBe('0.50');

    answer[0]?.(true);
    await act(() => named);
    expect(result.current.sale?.about).toBe('0.50');
  });

  it('is over once it is said itself, and stands on when it is refused', async () => {
    answering({ json: sale('0.50') });
    const { result } = renderHook(() => useTriedPrice(5, sale('6.50')));
    act(() => result.current.tryPrice(7, '0.50'));
    await answered();
    await act(() => result.current.settle(Promise.resolve(false)));
    expect(result.current.sale?.about).toBe('0.50');
    await act(() => result.current.settle(Promise.resolve(true)));
    expect(result.current.sale?.about).toBe('6.50');
  });
});
