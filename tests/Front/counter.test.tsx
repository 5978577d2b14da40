import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Need } from '@/counter/desk/Need';
import { UnderWay } from '@/counter/desk/UnderWay';
import { OrderStrip } from '@/counter/order/OrderStrip';
import { RefundPanel } from '@/counter/order/RefundPanel';
import type { NeedView, OrderStripView, OrderView, UnderWayView } from '@/types/counter';

const post = vi.hoisted(() => vi.fn());
vi.mock('@inertiajs/react', () => ({
  usePage: () => ({ props: { frame: { handle: 'quillet' } } }),
  router: { post },
  Link: ({ children, ...rest }: React.ComponentProps<'a'>) => <a {...rest}>{children}</a>,
}));
beforeEach(() => {
  post.mockReset();
  vi.stubGlobal('route', (name: string, with_: unknown[]) => `/${name}/${JSON.stringify(with_)}`);
});

const money = (minor: number) => ({
  minor,
  currency: 'GBP',
  text: `£${(minor / 100).toFixed(2)}`,
  digits: (minor / 100).toFixed(2),
  absolute: `£${Math.abs(minor / 100).toFixed(2)}`,
  sign: Math.sign(minor),
});

describe('what needs a person', () => {
  const need: NeedView = {
    key: 'refused-1',
    kind: 'refused',
    order: 7,
    number: 1013,
    picture: null,
    title: 'Oakum Depot can’t send the can of 1013.',
    about: 'It was promised for Thursday.',
    ways: [
      {
        name: 'From Kilnfold instead',
        about: '4 there',
        button: 'Send it from Kilnfold',
        keeps: 'keeps £17.78',
        loses: false,
        address: '/move',
        data: { lines: { 3: { variant: 9 } } },
      },
      {
        name: 'Give the money back',
        about: 'all of it',
        button: 'Give £56.95 back',
        keeps: 'loses £1.07',
        loses: true,
        address: '/refund',
        data: { key: 'refused-1' },
      },
      { name: 'See it', about: '', button: 'To the order', keeps: '', loses: false, address: '/order', data: null },
    ],
  };

  it('shows the first with its ways side by side, each with what the order keeps, and sends what is pressed', () => {
    render(<Need need={need} row={0} tab={0} />);
    expect(screen.getByText('keeps £17.78')).toBeTruthy();
    expect(screen.getByText('loses £1.07').className).toContain('text-loss');
    fireEvent.click(screen.getByText('Send it from Kilnfold'));
    expect(post.mock.calls[0]?.slice(0, 2)).toEqual(['/move', { lines: { 3: { variant: 9 } } }]);
    expect(screen.getByText('To the order').getAttribute('href')).toBe('/order');
  });

  it('shows the others on one line, the proposed way last and as the button', () => {
    render(<Need need={need} row={2} tab={-1} />);
    expect(screen.queryByText('keeps £17.78')).toBeNull();
    const buttons = screen.getAllByRole('button').map((button) => button.textContent);
    expect(buttons).toEqual(['Give £56.95 back', 'Send it from Kilnfold']);
    expect(screen.getByText('Give £56.95 back').getAttribute('title')).toContain('loses £1.07');
  });
});

describe('what is under way', () => {
  const line: UnderWayView = {
    order: 7,
    number: 1011,
    goods: 'Harvest trug',
    supplier: 'Kilnfold',
    tone: 'slow',
    paid: 100,
    posted: 200,
    promised: 900,
    there: null,
    note: 'stands still for 4 days',
  };

  it('draws each from paid to now, dotted to its promise, and says what is amiss where there is room', () => {
    const { container } = render(<UnderWay days={[{ name: 'Mon 30', at: 500 }]} now={550} lines={[line]} open={12} />);
    expect(container.textContent).toContain('1 of 12');
    const dotted = container.querySelector<HTMLElement>('.border-dotted');
    expect([dotted?.style.left, dotted?.style.width]).toEqual(['55%', '35%']);
    expect(screen.getByText('stands still for 4 days').style.right).toBe('10%');
  });

  it('is nothing where nothing is', () => {
    const { container } = render(<UnderWay days={[]} now={0} lines={[]} open={0} />);
    expect(container.innerHTML).toBe('');
  });
});

describe('the books of an order', () => {
  const strip: OrderStripView = {
    about: 'Order 1013',
    paid: money(5695),
    parts: [{ name: 'goods', money: money(2350), more: '+2.10' }],
    keeps: money(1778),
    expected: money(1988),
    difference: money(-210),
    reasons: [{ name: 'goods', money: money(-210), more: '' }],
    sure: true,
  };

  it('say what was expected and why it is otherwise, and nothing of that where it is as expected', () => {
    const { container, rerender } = render(<OrderStrip strip={strip} />);
    expect(container.textContent).toContain('keeps, expected £19.88');
    expect(container.querySelector('[data-strip=reasons]')?.textContent).toBe('goods £-2.10');
    rerender(<OrderStrip strip={{ ...strip, difference: money(0), sure: false }} />);
    expect(container.textContent).toContain('keeps, as far as is known');
    expect(container.querySelector('[data-strip=reasons]')).toBeNull();
  });
});

describe('giving money back', () => {
  const order = {
    id: 7,
    key: 'k-1',
    home: 'GBP',
    lines: [{ id: 3, title: 'Gloves', label: 'M', left: 2 }],
    deliveryLeft: money(295),
    refundable: money(4200),
  } as unknown as OrderView;

  it('says what a part comes to before it is done, and sends the wish with its key', async () => {
    const asked = vi.fn((url: string) =>
      Promise.resolve(
        new Response(
          JSON.stringify(
            url.includes('"besides":"9999"')
              ? { total: null, tax: null, keeps: null, trouble: 'Besides that, £42.00 is left to give back.' }
              : { total: money(1795), tax: money(299), keeps: money(310), trouble: '' },
          ),
        ),
      ),
    );
    vi.stubGlobal('fetch', asked);
    render(<RefundPanel order={order} />);
    fireEvent.click(screen.getByText('Give money back'));
    expect(screen.getByText<HTMLButtonElement>('Give it back').disabled).toBe(true);
    fireEvent.change(screen.getByLabelText('Pieces of Gloves to give back for'), { target: { value: '9' } });
    expect(screen.getByLabelText<HTMLInputElement>('Pieces of Gloves to give back for').value).toBe('2');
    await waitFor(() => expect(screen.getByRole('status').textContent).toContain('£17.95, £2.99 of it VAT'));
    fireEvent.click(screen.getByText('Give £17.95 back'));
    expect(post.mock.calls[0]?.[1]).toMatchObject({ key: 'k-1', pieces: { 3: 2 }, bears: 'stall' });
    fireEvent.change(screen.getByLabelText('An amount besides'), { target: { value: '9999' } });
    await waitFor(() => expect(screen.getByRole('status').textContent).toContain('£42.00 is left'));
    fireEvent.click(screen.getByText('Give all of it back, £42.00'));
    expect(post.mock.calls[1]?.[1]).not.toHaveProperty('pieces');
  });
});
