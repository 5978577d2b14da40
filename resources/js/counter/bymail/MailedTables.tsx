import { router } from '@inertiajs/react';
import { useRef } from 'react';
import { plural } from '@/lib/plural';
import { Button } from '@/ui/Button';

interface Props {
  args: (string | number)[];
  keep: { preserveScroll: boolean };
  answersTo: string;
  batches: { id: number; day: string; orders: number; sheet: string }[];
}

/** What went, and the ways to send, read and take answers now. */
export function MailedTables({ args, keep, answersTo, batches }: Props) {
  const file = useRef<HTMLInputElement>(null);
  return (
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
        It answers to {answersTo}, with a table of order, article, pieces, answer (taken, posted or short), carrier and
        tracking.
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
  );
}
