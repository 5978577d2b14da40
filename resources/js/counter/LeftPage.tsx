import { Head, Link } from '@inertiajs/react';
import { useState } from 'react';
import { LeftRow } from '@/counter/left/LeftRow';
import { Reminder } from '@/counter/left/Reminder';
import { count } from '@/lib/plural';
import { useHandle } from '@/lib/useStall';
import type { LeftBasketsView } from '@/types/counter';
import { Empty } from '@/ui/Empty';

/** Baskets left at the checkout, and the mail that reminds of each once. */
export default function LeftPage({ left: first }: { left: LeftBasketsView }) {
  const handle = useHandle();
  const [left, setLeft] = useState(first);
  return (
    <div className="pb-16">
      <Head title="Left at the checkout" />
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-2 px-6 pt-5 pb-3">
        <h1 className="name text-[26px]">Left at the checkout</h1>
        <Link
          href={route('counter', handle)}
          className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
        >
          Counter
        </Link>
        {left.baskets.length > 0 && (
          <p className="text-mute">
            {count(left.baskets.length, 'basket')} in {left.days} days would have kept {left.keep.text}.
          </p>
        )}
      </div>
      <div className="grid items-start gap-x-10 gap-y-6 px-6 lg:grid-cols-[minmax(0,1fr)_340px]">
        {left.baskets.length === 0 ? (
          <Empty title="Nobody left one" step={null}>
            A basket stands here when its shopper went on to pay and didn’t, for an hour or longer.
          </Empty>
        ) : (
          <ul aria-label="Baskets" className="border-t border-line">
            {left.baskets.map((basket) => (
              <LeftRow key={basket.id} basket={basket} />
            ))}
          </ul>
        )}
        <Reminder left={left} onDone={setLeft} />
      </div>
    </div>
  );
}
