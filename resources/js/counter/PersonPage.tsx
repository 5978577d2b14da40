import { Head, Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { Consents } from '@/counter/people/Consents';
import { PersonOrders } from '@/counter/people/PersonOrders';
import { SamePerson } from '@/counter/people/SamePerson';
import { useHandle } from '@/lib/useStall';
import type { BuyerView, OrderRowView, ThreadLineView } from '@/types/counter';
import { Ask } from '@/ui/Ask';
import { Button } from '@/ui/Button';

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
      <PersonOrders person={person} orders={orders} handle={handle} thread={thread} />
      <aside>
        <p>
          <a href={`mailto:${person.email}`} className="underline decoration-line underline-offset-4">
            {person.email}
          </a>
        </p>
        <SamePerson id={person.id} also={also} alike={alike} />
        <Consents consents={consents} />
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
