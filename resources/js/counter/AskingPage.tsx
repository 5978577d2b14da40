import { Head, Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { AskForm, type AskableItem } from '@/counter/asking/AskForm';
import { useHandle } from '@/lib/useStall';
import type { AskedRowView } from '@/types/counter';

interface Props {
  requests: AskedRowView[];
  suppliers: { id: number; name: string }[];
  item: AskableItem | null;
  currency: string;
  formKey: string;
}

/** What suppliers were asked for besides what they list, and a new request. */
export default function AskingPage({ requests, suppliers, item, currency, formKey }: Props) {
  const handle = useHandle();
  return (
    <div className="max-w-[1080px] px-6 pt-5 pb-16 max-md:px-4">
      <Head title="Asking suppliers" />
      <div className="flex flex-wrap items-baseline gap-x-6">
        <h1 className="name text-[26px]">Asking suppliers</h1>
        <Link href={route('counter', handle)} className="text-mute underline decoration-line underline-offset-4">
          The desk
        </Link>
      </div>
      <p className="mt-1 max-w-[70ch] text-mute">
        For goods they don’t list, a change to what they have, a sample to look at, or pieces bought ahead for less.
        What they offer stands beside what you wished for, and you take it or not.
      </p>
      <div className="mt-6 grid gap-x-14 gap-y-8 md:grid-cols-[1fr_1fr]">
        <section aria-label="Ask for something">
          {suppliers.length === 0 ? (
            <p className="border-t border-line py-3 text-mute">
              None of your suppliers can be asked from here. Write to them, and add what they send as a feed.
            </p>
          ) : (
            <AskForm suppliers={suppliers} item={item} currency={currency} formKey={formKey} />
          )}
        </section>
        <section aria-label="Asked so far">
          <h2 className="text-[12.5px] text-mute">Asked so far</h2>
          {requests.length === 0 && <p className="border-t border-line py-3 text-mute">Nothing yet.</p>}
          <ul>
            {requests.map((one) => (
              <li key={one.id} className="border-t border-line py-2.5" data-asked={one.id}>
                <Link href={route('counter.asked', [handle, one.id])} className="block hover:underline">
                  <span className="font-medium text-sup">{one.supplier}</span>{' '}
                  <span className={clsx(one.new && 'font-semibold')}>{one.about}</span>
                </Link>
                <p className={clsx('text-[13.5px]', one.open ? '' : 'text-mute')}>
                  {one.new && <b className="font-semibold text-you">New: </b>}
                  {one.stands} <span className="text-mute">· asked {one.when}</span>
                </p>
              </li>
            ))}
          </ul>
        </section>
      </div>
    </div>
  );
}
