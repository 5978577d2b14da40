import { Head, Link } from '@inertiajs/react';
import { useState, type SyntheticEvent } from 'react';
import { send } from '@/lib/http';
import { count } from '@/lib/plural';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import type { LeftBasketView, LeftBasketsView } from '@/types/counter';
import { Button } from '@/ui/Button';
import { Empty } from '@/ui/Empty';
import { TextField } from '@/ui/TextField';
import { Thumb } from '@/ui/Thumb';

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
              <Row key={basket.id} basket={basket} />
            ))}
          </ul>
        )}
        <Reminder left={left} onDone={setLeft} />
      </div>
    </div>
  );
}

function Row({ basket }: { basket: LeftBasketView }) {
  return (
    <li className="flex items-center gap-4 border-b border-line bg-sheet px-4 py-2.5" data-left={basket.id}>
      <Thumb src={basket.picture} size={40} />
      <div className="min-w-0 flex-1">
        <p className="truncate">{basket.goods}</p>
        <p className="text-[13px] text-mute">
          {basket.shopper}, {basket.when}.{' '}
          {basket.reminded !== ''
            ? `Reminded ${basket.reminded}.`
            : basket.agreed
              ? 'May be written to.'
              : 'Didn’t agree to mail.'}
        </p>
      </div>
      <p className="text-right">
        {basket.total.text}
        <span className="block text-[13px] text-mute">would have kept {basket.keep.text}</span>
      </p>
    </li>
  );
}

function Reminder({ left, onDone }: { left: LeftBasketsView; onDone: (left: LeftBasketsView) => void }) {
  const handle = useHandle();
  const { during, busy } = useSend();
  const [words, setWords] = useState(left.words);
  const [hours, setHours] = useState(String(left.hours));
  const say = (e: SyntheticEvent) => {
    e.preventDefault();
    void during(send<LeftBasketsView>('PUT', route('counter.left.remind', handle), { words, hours }).then(onDone));
  };
  return (
    <section aria-label="One reminder" className="grid gap-3">
      <h2 className="text-[17px] font-semibold">{left.words === '' ? 'Nobody is reminded' : 'One reminder'}</h2>
      {left.told > 0 && (
        <p>
          {left.back} of {count(left.told, 'shopper')} who were reminded came back and bought.
        </p>
      )}
      <p className="text-mute">
        Whoever agreed to mail at the checkout gets one, with these words, the goods and a way back to the basket.
      </p>
      <form onSubmit={say} className="grid gap-3">
        <div>
          <label htmlFor="reminder" className="block text-[12.5px] text-mute">
            Your words; none, and nobody is reminded
          </label>
          <textarea
            id="reminder"
            rows={5}
            maxLength={1000}
            value={words}
            onChange={(e) => setWords(e.target.value)}
            placeholder="You left something on the stall. It is still here."
            className="w-full border-[1.5px] border-rule bg-sheet p-2 text-[15px]"
          />
        </div>
        <TextField
          label="So long after they left"
          after="hours"
          inputMode="numeric"
          value={hours}
          onChange={(e) => setHours(e.target.value)}
        />
        <div>
          <Button kind="do" small type="submit" disabled={busy}>
            Say it
          </Button>
        </div>
      </form>
    </section>
  );
}
