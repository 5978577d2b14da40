import { describe, expect, it } from 'vitest';
import { count, plural } from '@/lib/plural';

describe('only one is one', () => {
  it.each([
    [0, '0 listings'],
    [1, '1 listing'],
    [2, '2 listings'],
    [1200, '1,200 listings'],
  ])('%i', (n, said) => {
    expect(count(n, 'listing')).toBe(said);
  });

  it('takes another form where an s doesn’t do', () => {
    expect(plural(1, 'basket waits', 'baskets wait')).toBe('basket waits');
    expect(count(2, 'basket waits', 'baskets wait')).toBe('2 baskets wait');
  });
});
