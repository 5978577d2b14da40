import { Head, Link, router } from '@inertiajs/react';
import { useId, useState } from 'react';
import { Offer } from '@/counter/asking/Offer';
import { WriteBack } from '@/counter/asking/WriteBack';
import { Written } from '@/counter/asking/Written';
import { useReloads } from '@/lib/useReloads';
import { useHandle } from '@/lib/useStall';
import type { AskedView } from '@/types/counter';
import { Button } from '@/ui/Button';

/** One request to a supplier: what both wrote, and what they offer. */
export default function AskedPage({ asked, formKey }: { asked: AskedView; formKey: string }) {
  const handle = useHandle();
  const field = useId();
  const [words, setWords] = useState('');
  const args = [handle, asked.id];
  const keep = { preserveScroll: true };
  useReloads(['asked'], 4000, asked.waits);
  return (
    <div className="max-w-[820px] px-6 pt-5 pb-16 max-md:px-4">
      <Head title={asked.about} />
      <div className="flex flex-wrap items-baseline gap-x-6">
        <h1 className="name text-[24px]">
          <span className="text-sup">{asked.supplier}</span>: {asked.about}
        </h1>
        <Link href={route('counter.asking', handle)} className="text-mute underline decoration-line underline-offset-4">
          All you asked
        </Link>
      </div>
      {asked.item !== '' && <p className="font-medium text-sup">{asked.item}</p>}
      <p className="mt-1 text-mute" data-stands>
        {[...asked.facts, asked.stands].join(' · ')}
        {asked.link && (
          <>
            {' · '}
            <a
              href={asked.link}
              target="_blank"
              rel="noreferrer"
              className="underline decoration-line underline-offset-4"
            >
              the page you showed
            </a>
          </>
        )}
      </p>
      {asked.trouble && (
        <p role="alert" className="mt-3 border-l-4 border-you bg-you-soft px-3 py-2">
          {asked.trouble}
        </p>
      )}
      {asked.offers
        .filter((one) => one.state !== 'withdrawn')
        .map((offer) => (
          <Offer key={offer.id} offer={offer} askedId={asked.id} supplier={asked.supplier} />
        ))}
      <Written asked={asked} />
      {asked.open && (
        <WriteBack
          args={args}
          words={words}
          formKey={formKey}
          keep={keep}
          setWords={setWords}
          field={field}
          asked={asked}
        />
      )}
      {!asked.open && asked.waits && (
        <Button
          kind="quiet"
          small
          onClick={() => {
            router.post(route('counter.asked.look', args), {}, keep);
          }}
        >
          Look how it stands
        </Button>
      )}
      {asked.stands === 'not wanted any more' && (
        <Button
          small
          onClick={() => {
            router.put(route('counter.asked.close', args), { closed: false }, keep);
          }}
        >
          Ask for it again
        </Button>
      )}
    </div>
  );
}
