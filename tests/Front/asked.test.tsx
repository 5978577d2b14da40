import { render } from '@testing-library/react';
import { expect, it } from 'vitest';
import type { MoneyView } from '@/types/support';
import { Asked, Kept } from '@/ui/Asked';

const money = (minor: number): MoneyView => ({
  minor,
  currency: 'GBP',
  sign: Math.sign(minor),
  digits: (minor / 100).toFixed(2),
  text: `£${(minor / 100).toFixed(2)}`,
  absolute: `£${(Math.abs(minor) / 100).toFixed(2)}`,
});

it('gives a price that loses a colour, a sign and a word of its own, and no other price', () => {
  const loses = render(<Asked price={money(1095)} loses />).container;
  expect(loses.querySelector('.text-loss svg')).not.toBeNull();
  expect(loses.textContent).toBe('£10.95 at a loss');
  const earns = render(<Asked price={money(1795)} loses={false} />).container;
  expect([earns.textContent, earns.querySelector('.text-loss'), earns.querySelector('svg')]).toEqual([
    '£17.95',
    null,
    null,
  ]);
});

it('says what is lost as what it is, without a sign that could be overlooked', () => {
  const { container } = render(<Kept keep={money(-176)} />);
  expect([container.textContent, container.querySelector('.text-loss svg') !== null]).toEqual(['loses £1.76', true]);
  expect(render(<Kept keep={money(927)} />).container.textContent).toBe('£9.27');
  expect(render(<Kept keep={null} />).container.textContent).toBe('–');
});
