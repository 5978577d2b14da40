import { router } from '@inertiajs/react';
import { useRef, useState } from 'react';
import { send } from '@/lib/http';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import type { BroughtInView } from '@/types/reviews';
import { Button } from '@/ui/Button';

/** Brings in what was said elsewhere, from a table; each is marked with its source and counts in no average. */
export function BringIn() {
  const handle = useHandle();
  const field = useRef<HTMLInputElement>(null);
  const [source, setSource] = useState('');
  const [came, setCame] = useState<BroughtInView | null>(null);
  const { busy, trouble, during } = useSend('here');
  const take = (file: File) => {
    const form = new FormData();
    form.append('source', source);
    form.append('file', file);
    setCame(null);
    void during(
      send<BroughtInView>('POST', route('reviews.bring-in', handle), form).then((answer) => {
        setCame(answer);
        router.reload();
      }),
    );
  };
  return (
    <details className="border-t border-line px-6 py-3">
      <summary className="cursor-pointer text-mute">Bring in what was said elsewhere</summary>
      <p className="my-2 max-w-[84ch] text-mute">
        A table (CSV) with the columns goods, stars, words, name and date; goods by their title or the end of their
        address. Each stands in the shop with where it was said, and counts in no average, since nobody here knows who
        bought.
      </p>
      <div className="flex flex-wrap items-center gap-3">
        <label>
          {'It was said at '}
          <input
            aria-label="Where it was said"
            value={source}
            maxLength={80}
            placeholder="Aldermere market hall"
            onChange={(e) => {
              setSource(e.target.value);
            }}
            className="w-64 border-b border-rule/60 bg-transparent px-1 font-medium"
          />
        </label>
        <Button small disabled={busy || source.trim() === ''} onClick={() => field.current?.click()}>
          {busy ? 'Bringing in …' : 'Choose the table'}
        </Button>
        <input
          ref={field}
          type="file"
          aria-label="The table"
          accept=".csv,.tsv,.txt"
          tabIndex={-1}
          className="sr-only"
          onChange={(e) => {
            const file = e.target.files?.[0];
            if (file) take(file);
            e.target.value = '';
          }}
        />
      </div>
      {trouble !== '' && (
        <p role="alert" className="mt-2 max-w-[84ch] border-l-4 border-you bg-you-soft px-3 py-1.5">
          {trouble}
        </p>
      )}
      {came !== null && (
        <div role="status" className="mt-2">
          <p>{came.words}</p>
          {came.left.map((row) => (
            <p key={row} className="text-ochre">
              {row}
            </p>
          ))}
        </div>
      )}
    </details>
  );
}
