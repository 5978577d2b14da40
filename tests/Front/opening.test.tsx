import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { FirstGoods } from '@/opening/FirstGoods';
import { SayOfShop } from '@/opening/SayOfShop';
import { ShopColours } from '@/opening/ShopColours';
import { WaysToLay } from '@/opening/WaysToLay';
import type { FirstGoodsView, FirstShopView, LaidWayView } from '@/types/opening';
import type { RunView } from '@/types/runs';

vi.mock('@/lib/useStall', () => ({ useHandle: () => 'quillet' }));
// A frame loads its page from elsewhere.
vi.mock('@/ui/PhoneFrame', () => ({ PhoneFrame: () => null }));

const first = (other: Partial<FirstShopView> = {}): FirstShopView => ({
  supplied: true,
  name: 'Two Rows',
  sentence: '',
  colours: [],
  run: null,
  goods: [],
  ways: [],
  shown: false,
  ...other,
});
const good = (id: number, other: Partial<FirstGoodsView> = {}) =>
  ({
    id,
    title: `Good ${String(id)}`,
    words: '',
    picture: null,
    supplier: 'Oakum Depot',
    price: null,
    keep: null,
    days: 'up to 5 days',
    rating: null,
    leftOut: false,
    lacks: [],
    ...other,
  }) satisfies FirstGoodsView;
const WAYS: LaidWayView[] = [0, 1, 2].map((way) => ({
  way,
  words: `Way ${String(way)}`,
  look: 'Barrow',
  front: 'about:blank',
  goods: 'about:blank',
}));

describe('what is said of the shop', () => {
  it('goes out as a sentence filled in, with the colours as they are', () => {
    const begun = vi.fn();
    render(<SayOfShop first={first({ colours: ['#0a5c36'] })} busy={false} onBegin={begun} />);
    fireEvent.change(screen.getByLabelText('What it sells'), { target: { value: 'twine' } });
    fireEvent.click(screen.getByText('Lay out a first shop'));
    expect(begun).toHaveBeenCalledWith({ name: 'Two Rows', sentence: 'twine', colours: ['#0a5c36'], picture: null });
  });

  it('can’t be sent again while it is being laid out, and says what is done', () => {
    const run = { open: true, doing: 'Drafting titles and words', done: 3, total: 6 } as RunView;
    render(<SayOfShop first={first({ run })} busy={false} onBegin={vi.fn()} />);
    expect(screen.getByText<HTMLButtonElement>('Lay out a first shop').disabled).toBe(true);
    expect(screen.getByRole('status').textContent).toBe('Drafting titles and words');
  });
});

it('has three colours at the most, each to be taken away', () => {
  const colours = vi.fn();
  const { rerender } = render(<ShopColours colours={['#111111', '#222222']} onColours={colours} />);
  fireEvent.click(screen.getByLabelText('Without colour 1'));
  expect(colours).toHaveBeenCalledWith(['#222222']);
  rerender(<ShopColours colours={['#111111', '#222222', '#333333']} onColours={colours} />);
  expect(screen.queryByLabelText('One colour more')).toBeNull();
});

describe('the goods of it', () => {
  it('are left out and taken in again one by one', () => {
    const left = vi.fn();
    render(<FirstGoods goods={[good(1), good(2, { leftOut: true })]} notes={[]} fixed={false} onLeaveOut={left} />);
    fireEvent.click(screen.getByLabelText('Good 1'));
    expect(left).toHaveBeenLastCalledWith([1, 2]);
    fireEvent.click(screen.getByLabelText('Good 2'));
    expect(left).toHaveBeenLastCalledWith([]);
  });

  it('say why they would stay on the bench, and can’t be changed once they are shown', () => {
    render(<FirstGoods goods={[good(1, { lacks: ['It has no picture.'] })]} notes={[]} fixed onLeaveOut={vi.fn()} />);
    expect(screen.getByText('It would stay on the bench. It has no picture.')).toBeTruthy();
    expect(screen.queryByRole('checkbox')).toBeNull();
  });
});

it('agrees to the way that was chosen, once', () => {
  const agreed = vi.fn();
  const { rerender } = render(<WaysToLay ways={WAYS} agreed={null} shown={false} busy={false} onAgree={agreed} />);
  fireEvent.click(screen.getAllByRole('radio')[2] ?? document.body);
  fireEvent.click(screen.getByText('Agree, and put it in the window'));
  expect(agreed).toHaveBeenCalledWith(2);
  rerender(<WaysToLay ways={WAYS} agreed={null} shown busy={false} onAgree={agreed} />);
  expect(screen.queryByText('Agree, and put it in the window')).toBeNull();
  expect(screen.getByText('Go on dressing it in the galley')).toBeTruthy();
});
