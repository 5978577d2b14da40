import { Head, Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { useHandle } from '@/lib/useStall';
import { PersonThread } from '@/counter/PersonThread';
import type { BuyerView, OrderRowView, ThreadLineView } from '@/types/counter';
import { Ask } from '@/ui/Ask';
import { Kept } from '@/ui/Asked';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

interface Props {
  person: BuyerView;
  orders: OrderRowView[];
  consents: { consent: string; where: string; at: string }[];
  note: string;
  also: string[];
  alike: { email: string; name: string; town: string }[];
  thread: ThreadLineView[];
}

/** Somebody who bought: their orders, what they agreed to, what is noted of them. */
export default function PersonPage({ person, orders, consents, note, also, alike, thread }: Props) {
  const handle = useHandle();
  const [words, setWords] = useState(note);
  const at = [handle, person.id];
  return (
    <div className="mx-auto grid w-full max-w-[1080px] gap-x-12 px-6 py-6 max-md:px-4 md:grid-cols-[1.6fr_1fr]">
      <Head title={person.name} />
      <header className="mb-4 flex flex-wrap items-baseline gap-x-4 md:col-span-2">
        <h1 className="name text-[28px]">{person.name}</h1>
        <span className="text-mute">
          {person.town} · {person.came}
        </span>
        <Link
          href={route('counter.people', handle)}
          className="ml-auto text-mute underline decoration-line underline-offset-4 hover:text-ink"
        >
          People
        </Link>
      </header>
      <section aria-label="Orders">
        <p className="name text-[18px]" data-sums>
          Spent {person.spent.text}
          {person.kept && <>, of which you kept {person.kept.text}</>}.
        </p>
        <ul className="mt-3">
          {orders.map((order) => (
            <li key={order.id} className="flex flex-wrap items-baseline gap-x-4 border-t border-line py-2">
              <Link href={route('counter.order', [handle, order.id])} className="font-semibold hover:underline">
                {order.number}
              </Link>
              <span className="text-mute">{order.when}</span>
              <span className="min-w-0 flex-1 truncate">{order.goods}</span>
              <span className="text-mute">{order.stateWords}</span>
              <span>{order.total.text}</span>
              <Kept keep={order.keep} quiet />
            </li>
          ))}
        </ul>
        {thread.length > orders.length && (
          <>
            <h2 className="mt-7 mb-2 text-[12.5px] text-mute">All between you and them</h2>
            <PersonThread lines={thread} name={person.name} />
          </>
        )}
      </section>
      <aside>
        <p>
          <a href={`mailto:${person.email}`} className="underline decoration-line underline-offset-4">
            {person.email}
          </a>
        </p>
        <SamePerson id={person.id} also={also} alike={alike} />
        <h2 className="mt-5 mb-1 text-[12.5px] text-mute">Agreed to</h2>
        {consents.length === 0 ? (
          <p className="text-mute">To nothing but what an order needs.</p>
        ) : (
          <ul className="text-[14px]">
            {consents.map((one) => (
              <li key={one.at}>
                “{one.consent}” at the {one.where}, {one.at}
              </li>
            ))}
          </ul>
        )}
        <label className="mt-5 block">
          <span className="mb-1 block text-[12.5px] text-mute">A note, for you alone</span>
          <textarea
            value={words}
            rows={3}
            maxLength={2000}
            onChange={(e) => {
              setWords(e.target.value);
            }}
            className="w-full border border-line bg-sheet px-2 py-1.5"
          />
        </label>
        <Button
          small
          disabled={words === note}
          onClick={() => {
            router.put(route('counter.person.note', at), { words }, { preserveScroll: true });
          }}
        >
          Keep the note
        </Button>
        <div className="mt-7 flex flex-wrap gap-3">
          <a
            href={route('counter.person.out', at)}
            className="rounded-[7px] border border-rule/60 bg-sheet px-3.5 py-2 font-medium hover:bg-paper"
          >
            All about them as a file
          </a>
          <Ask
            button="Forget them"
            title={`Forget ${person.name}?`}
            yes="Forget them"
            onYes={() => {
              router.delete(route('counter.person.forget', at));
            }}
          >
            Who they are goes from orders, letters and lists. Amounts stay, and invoices as they were written: the law
            asks for them. This can’t be undone.
          </Ask>
        </div>
      </aside>
    </div>
  );
}

/** Addresses that are theirs too, those that may be, and one that the seller knows of. */
function SamePerson({ id, also, alike }: { id: number; also: string[]; alike: Props['alike'] }) {
  const handle = useHandle();
  const [other, setOther] = useState('');
  const same = (email: string, apart = false) => {
    router.post(route('counter.person.same', [handle, id]), { email, apart }, { preserveScroll: true });
  };
  return (
    <div className="mt-1 text-[14px]">
      {also.map((email) => (
        <p key={email}>
          {email}{' '}
          <Button
            kind="quiet"
            small
            onClick={() => {
              same(email, true);
            }}
          >
            isn’t them
          </Button>
        </p>
      ))}
      {alike.map((one) => (
        <p key={one.email} data-alike={one.email}>
          {one.name} in {one.town}, {one.email}, may be the same.{' '}
          <Button
            kind="quiet"
            small
            onClick={() => {
              same(one.email);
            }}
          >
            They are the same
          </Button>
        </p>
      ))}
      <details className="mt-1">
        <summary className="cursor-pointer text-mute">Another address of theirs</summary>
        <form
          className="mt-1 flex items-end gap-3"
          onSubmit={(e) => {
            e.preventDefault();
            same(other);
          }}
        >
          <TextField
            label="Their other mail address"
            type="email"
            className="flex-1"
            value={other}
            onChange={(e) => {
              setOther(e.target.value);
            }}
          />
          <Button small type="submit" disabled={other.trim() === ''}>
            Join them
          </Button>
        </form>
      </details>
    </div>
  );
}
