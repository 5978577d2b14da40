import { Head, Link, router } from '@inertiajs/react';
import { useRef, useState } from 'react';
import { plural } from '@/lib/plural';
import { useHandle } from '@/lib/useStall';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

interface Props {
  supplier: { id: number; name: string; byInterface: boolean };
  to: string;
  at: string;
  answersTo: string;
  zone: string;
  batches: { id: number; day: string; orders: number; sheet: string }[];
}

/** Orders that go to a supplier by mail, a table a day, and what it answers. */
export default function ByMailPage({ supplier, to: first, at: hour, answersTo, zone, batches }: Props) {
  const handle = useHandle();
  const [to, setTo] = useState(first);
  const [at, setAt] = useState(hour);
  const file = useRef<HTMLInputElement>(null);
  const args = [handle, supplier.id];
  const keep = { preserveScroll: true };
  return (
    <div className="max-w-[900px] px-6 pt-5 pb-16 max-md:px-4">
      <Head title={`Orders to ${supplier.name} by mail`} />
      <div className="flex flex-wrap items-baseline gap-x-6">
        <h1 className="name text-[26px]">Orders to {supplier.name} by mail</h1>
        <Link
          href={route('counter.sharing', handle)}
          className="text-mute underline decoration-line underline-offset-4"
        >
          How orders are shared out
        </Link>
      </div>
      <p className="mt-2 text-mute">
        {first === ''
          ? supplier.byInterface
            ? 'It takes orders by its own interface. With a mail address here they go there instead.'
            : 'Say where its orders go, and it can be sold from.'
          : `Each day after ${hour} (${zone}) one table of what was ordered goes to ${first}.`}
      </p>
      <form
        className="mt-4 flex flex-wrap items-end gap-x-6 gap-y-3"
        onSubmit={(e) => {
          e.preventDefault();
          router.put(route('counter.by-mail.say', args), { to, at }, keep);
        }}
      >
        <TextField
          label="Its address for orders"
          type="email"
          value={to}
          className="w-72"
          onChange={(e) => {
            setTo(e.target.value);
          }}
        />
        <TextField
          label={`After this hour, ${zone}`}
          value={at}
          className="w-40"
          onChange={(e) => {
            setAt(e.target.value);
          }}
        />
        <Button kind="do" type="submit" disabled={to === first && at === hour}>
          Send them so
        </Button>
      </form>
      {first !== '' && (
        <>
          <div className="mt-7 flex flex-wrap items-center gap-3">
            <Button
              onClick={() => {
                router.post(route('counter.by-mail.send', args), {}, keep);
              }}
            >
              Mail today’s table now
            </Button>
            <Button
              onClick={() => {
                router.post(route('counter.by-mail.read', args), {}, keep);
              }}
            >
              Read its answers
            </Button>
            <Button onClick={() => file.current?.click()}>Take an answer from a file…</Button>
            <input
              ref={file}
              type="file"
              accept=".csv,text/csv"
              aria-label="An answer as a CSV table"
              className="sr-only"
              onChange={(e) => {
                const answer = e.target.files?.[0];
                if (answer) router.post(route('counter.by-mail.answer', args), { answer }, keep);
                e.target.value = '';
              }}
            />
          </div>
          <p className="mt-2 text-[13px] text-mute">
            It answers to {answersTo}, with a table of order, article, pieces, answer (taken, posted or short), carrier
            and tracking.
          </p>
          <h2 className="mt-7 text-[12.5px] text-mute">What went</h2>
          {batches.length === 0 && <p className="border-t border-line py-3 text-mute">Nothing yet.</p>}
          <ul>
            {batches.map((batch) => (
              <li key={batch.id} className="border-t border-line py-2" data-batch={batch.id}>
                <details>
                  <summary className="cursor-pointer">
                    {batch.day}: {batch.orders} {plural(batch.orders, 'order', 'orders')}
                  </summary>
                  <pre className="mt-2 overflow-x-auto text-[12.5px]">{batch.sheet}</pre>
                  <Button
                    small
                    onClick={() => {
                      router.post(route('counter.by-mail.again', [...args, batch.id]), {}, keep);
                    }}
                  >
                    Mail it once more
                  </Button>
                </details>
              </li>
            ))}
          </ul>
        </>
      )}
    </div>
  );
}
