import { Head, Link } from '@inertiajs/react';
import { useState } from 'react';
import { ByMailForm } from '@/counter/bymail/ByMailForm';
import { MailedTables } from '@/counter/bymail/MailedTables';
import { useHandle } from '@/lib/useStall';

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
      <ByMailForm
        args={args}
        to={to}
        at={at}
        keep={keep}
        setTo={setTo}
        zone={zone}
        setAt={setAt}
        first={first}
        hour={hour}
      />
      {first !== '' && <MailedTables args={args} keep={keep} answersTo={answersTo} batches={batches} />}
    </div>
  );
}
