import { describe, expect, it } from 'vitest';
import { tidied, type WrittenWay } from '@/delivery/written';
import { percentOf, shareOf } from '@/lib/share';
import { sent, fresh } from '@/offers/written';

describe('a share', () => {
  it.each([
    ['10', '0.1', '10'],
    ['5', '0.05', '5'],
    ['12.5', '0.125', '12.5'],
    ['12,5', '0.125', '12.5'],
    ['100', '1', '100'],
    ['0.5', '0.005', '0.5'],
    ['0', '0', '0'],
  ])('of %s% is %s, and back', (typed, share, back) => {
    expect(shareOf(typed)).toBe(share);
    expect(percentOf(share)).toBe(back);
  });

  it('that is none goes as it is, to be refused with a sentence', () => {
    expect(shareOf('ten')).toBe('ten');
    expect(shareOf('')).toBe('');
    expect(percentOf('')).toBe('');
  });
});

describe('a code', () => {
  it('goes with whole numbers as numbers and blanks as nothing', () => {
    const code = sent({
      ...fresh,
      most_uses: ' 12 ',
      most_each: '',
      least: '  ',
      off: { by: 'pieces', of: '3', paid: '2' },
    });
    expect(code).toMatchObject({ most_uses: 12, most_each: null, least: null, off: { of: 3, paid: 2 } });
    expect(sent({ ...fresh, most_uses: 'many' }).most_uses).toBe('many');
  });
});

describe('a way', () => {
  const way = (charge: WrittenWay['charge']): WrittenWay => ({
    name: '',
    charge,
    across: 'once',
    free_over: ' ',
    prefers: 'cheapest',
    under: '4.00',
    phone: false,
    collected: '',
  });

  it('leaves out what nothing is typed in', () => {
    const bands = [
      { up_to: '500', amount: '3.00' },
      { up_to: ' ', amount: '' },
    ];
    const said = tidied(way({ by: 'weight', bands, beyond: '9.00' }));
    expect(said.charge).toEqual({ by: 'weight', bands: [{ up_to: 500, amount: '3.00' }], beyond: '9.00' });
    expect([said.free_over, said.under]).toEqual([null, null]);
  });

  it('by cost has a plus even where none is typed', () => {
    const said = tidied(way({ by: 'cost', times: '1', plus: '', ending: '' }));
    expect(said.charge).toEqual({ by: 'cost', times: '1', plus: '0', ending: null });
  });
});
