import { act, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { SetFields } from '@/offers/SetFields';
import { offBy, sent, fresh, type WrittenOff } from '@/offers/written';
import { answering } from './answers';

/** Goods sold together: which, for what, and what that keeps. */
vi.mock('@/lib/useStall', () => ({ useHandle: () => 'quillet' }));
beforeEach(() => vi.useFakeTimers());
afterEach(() => vi.useRealTimers());

const goods = [
  { id: 4, name: 'Trowel' },
  { id: 7, name: 'Twine' },
  { id: 9, name: 'Tags' },
];
const money = (minor: number) => ({
  minor,
  currency: 'GBP',
  sign: Math.sign(minor),
  digits: '',
  text: `£${(minor / 100).toFixed(2)}`,
  absolute: '',
});
const offer = (keep: number | null) => ({
  apart: money(2045),
  keepApart: money(700),
  keep: keep === null ? null : money(keep),
  words: keep === null ? 'Say a price below that.' : 'As if each were posted by itself.',
});
type WrittenSet = Extract<WrittenOff, { by: 'set' }>;

let said: WrittenSet;
function Composed() {
  const [set, setSet] = useState(
    offBy(
      'set',
      goods.map((one) => one.id),
    ) as WrittenSet,
  );
  said = set;
  return <SetFields set={set} goods={goods} currency="GBP" onSay={setSet} />;
}
const pause = () => act(() => vi.advanceTimersByTimeAsync(400));

it('begins with two goods, says what they come to apart, and what the set keeps once it has a price', async () => {
  const asked = answering({ json: offer(null) }, { json: offer(512) });
  render(<Composed />);
  expect(said).toEqual({ by: 'set', goods: [4, 7], price: '' });
  await pause();
  expect(screen.getByRole('status').textContent).toContain('Apart they come to £20.45 and keep £7.00.');
  fireEvent.change(screen.getByLabelText(/Together for/), { target: { value: '18,50' } });
  await pause();
  expect(asked[1]?.body).toEqual({ goods: [4, 7], price: '18.50' });
  expect(screen.getByRole('status').textContent).toContain('The set keeps £5.12.');
});

it('takes one more, never the same twice, and lets it go again', async () => {
  answering({ json: offer(null) }, { json: offer(null) }, { json: offer(null) });
  render(<Composed />);
  fireEvent.click(screen.getByText('One more'));
  expect(said.goods).toEqual([4, 7, 9]);
  expect(screen.queryByText('One more')).toBeNull();
  const first = screen.getByLabelText<HTMLSelectElement>('One piece of');
  expect([...first.options].map((o) => o.text)).toEqual(['Trowel']);
  fireEvent.click(screen.getByLabelText('Take Twine out'));
  expect(said.goods).toEqual([4, 9]);
  await pause();
});

it('says nothing of what can’t be read yet, and goes to the server as it is', async () => {
  answering({ status: 422, json: { message: 'no', errors: {} } });
  render(<Composed />);
  await pause();
  expect(screen.queryByRole('status')).toBeNull();
  expect(sent({ ...fresh, off: { ...said, price: '18,50' } }).off).toEqual({
    by: 'set',
    goods: [4, 7],
    price: '18.50',
  });
});
