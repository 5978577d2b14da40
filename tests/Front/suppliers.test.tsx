import { fireEvent, render, screen } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Offer } from '@/counter/asking/Offer';
import { Pieces } from '@/counter/letters/Pieces';
import { PersonThread } from '@/counter/PersonThread';
import type { SupplierOfferView, ThreadLineView } from '@/types/counter';

const post = vi.hoisted(() => vi.fn());
const put = vi.hoisted(() => vi.fn());
vi.mock('@inertiajs/react', async (original) => ({
  ...(await original<typeof import('@inertiajs/react')>()),
  router: { post, put },
  Link: ({ href, children }: { href: string; children: React.ReactNode }) => <a href={href}>{children}</a>,
}));
vi.mock('@/lib/useStall', () => ({ useHandle: () => 'quillet' }));
vi.stubGlobal('route', (name: string, args: unknown) => `/${name}/${JSON.stringify(args)}`);

const offer: SupplierOfferView = {
  id: 7,
  words: 'Forty, kept until June',
  sentence: '£1.19 each for 40 pieces.',
  figures: ['£5.57 less than at £1.45 a piece today.'],
  state: 'open',
  button: 'Buy 40 ahead for £52.43',
  became: '',
  item: null,
  fetched: true,
};

beforeEach(() => {
  post.mockClear();
  put.mockClear();
});

describe('an offer of a supplier', () => {
  it('says what it comes to and is taken with one press', () => {
    render(<Offer offer={offer} askedId={3} supplier="Oakum Depot" />);
    expect(screen.getByText('£5.57 less than at £1.45 a piece today.')).toBeTruthy();
    fireEvent.click(screen.getByText('Buy 40 ahead for £52.43'));
    expect(post.mock.calls[0]?.slice(0, 2)).toEqual(['/counter.asked.take/["quillet",3]', { offer: 7 }]);
  });

  it('once taken says what it became and can’t be taken again', () => {
    render(
      <Offer
        offer={{ ...offer, state: 'taken', button: '', became: 'It is among their goods now.', item: 9 }}
        askedId={3}
        supplier="Oakum"
      />,
    );
    expect(screen.queryByRole('button')).toBeNull();
    expect(screen.getByText('Look at it in Source').getAttribute('href')).toContain('"item":9');
  });
});

describe('pieces of text for answers', () => {
  const pieces = [
    { id: 1, name: 'Where it is', words: 'It goes with {carrier}.', filled: 'It goes with Hollin Post.' },
    { id: 2, name: 'Late', words: 'By {day}.', filled: '' },
  ];

  it('puts in what is filled, and nothing of which nothing is known', () => {
    const put_ = vi.fn();
    render(<Pieces pieces={pieces} words="" onPut={put_} />);
    fireEvent.click(screen.getByText('Where it is'));
    fireEvent.click(screen.getByText('Late'));
    expect(put_.mock.calls).toEqual([['It goes with Hollin Post.']]);
  });

  it('keeps the answer at hand under a name, and throws one away', () => {
    render(<Pieces pieces={pieces} words="Dear {name}" onPut={vi.fn()} />);
    fireEvent.click(screen.getByText('Keep these words for other answers'));
    fireEvent.change(screen.getByLabelText('Called'), { target: { value: 'Greeting' } });
    fireEvent.click(screen.getByText('Keep it'));
    fireEvent.click(screen.getByLabelText('Throw Late away'));
    expect(put.mock.calls.map((call) => call[1] as unknown)).toEqual([
      { name: 'Greeting', words: 'Dear {name}' },
      { name: 'Late', words: '' },
    ]);
  });
});

describe('the thread between a stall and a person', () => {
  it('tells who said what, and leads to orders', () => {
    const lines: ThreadLineView[] = [
      { key: 'a', kind: 'order', words: 'Order 1001: 1 × Trowel', when: '1 Dec', link: '/order/1' },
      { key: 'b', kind: 'theirs', words: 'Where is it?', when: '2 Dec', link: '/letter/1' },
      { key: 'c', kind: 'ours', words: 'On its way.', when: '3 Dec', link: '/letter/1' },
    ];
    render(<PersonThread lines={lines} name="Ines" />);
    expect(screen.getByText('Order 1001: 1 × Trowel').getAttribute('href')).toBe('/order/1');
    expect(screen.getByText('Where is it?').closest('a')).toBeNull();
    expect(screen.getAllByRole('listitem').map((one) => one.textContent)).toEqual([
      '1 DecOrder 1001: 1 × Trowel',
      'Ines, 2 DecWhere is it?',
      'You, 3 DecOn its way.',
    ]);
  });
});
