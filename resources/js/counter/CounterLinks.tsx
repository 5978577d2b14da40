import { Link } from '@inertiajs/react';
import { useHandle } from '@/lib/useStall';

/** The rooms of the counter, a line of links below its headline. */
export function CounterLinks({ orders, letters }: { orders: number; letters: number }) {
  const handle = useHandle();
  const rooms: [string, string][] = [
    [route('counter.orders', handle), orders > 1_000 ? 'All orders' : `All ${orders.toLocaleString('en-GB')} orders`],
    [route('counter.letters', handle), letters > 0 ? `Letters (${String(letters)} to answer)` : 'Letters'],
    [route('counter.mails', handle), 'What letters say'],
    [route('reviews', handle), 'Said of us'],
    [route('counter.people', handle), 'People'],
    [route('counter.asking', handle), 'Asking suppliers'],
    [route('counter.owed', handle), 'What suppliers are owed'],
    [route('counter.sharing', handle), 'How orders are shared out'],
    [route('delivery', handle), 'Where it goes'],
    [route('counter.payment', handle), 'How shoppers pay'],
    [route('counter.left', handle), 'Left at the checkout'],
  ];
  return (
    <nav aria-label="Counter" className="mt-1.5 flex flex-wrap gap-x-5 gap-y-1">
      {rooms.map(([href, name]) => (
        <Link key={href} href={href} className="text-mute underline decoration-line underline-offset-4 hover:text-ink">
          {name}
        </Link>
      ))}
    </nav>
  );
}
