import { Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { said, type By } from '@/counter/orders/by';
import { useHandle } from '@/lib/useStall';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

/** Searches that are kept, and a name for this one. */
export function Searches({ searches, by }: { searches: { id: number; name: string; query: string }[]; by: By }) {
  const handle = useHandle();
  const [name, setName] = useState<string | null>(null);
  const asked = Object.keys(said(by)).length > 0;
  return (
    <span className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
      {searches.map((search) => (
        <span key={search.id} className="whitespace-nowrap">
          <Link
            href={`${route('counter.orders', handle)}?${search.query}`}
            className="underline decoration-line underline-offset-4 hover:decoration-ink"
          >
            {search.name}
          </Link>
          <button
            type="button"
            aria-label={`Let go of ${search.name}`}
            className="px-1 text-mute hover:text-ink"
            onClick={() => {
              router.delete(route('counter.orders.let-go', [handle, search.id]), { preserveScroll: true });
            }}
          >
            ×
          </button>
        </span>
      ))}
      {asked && name === null && (
        <Button
          small
          onClick={() => {
            setName('');
          }}
        >
          Keep this search
        </Button>
      )}
      {name !== null && (
        <form
          className="flex items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            router.post(
              route('counter.orders.keep', handle),
              { name, ...said(by) },
              {
                preserveScroll: true,
                onSuccess: () => {
                  setName(null);
                },
              },
            );
          }}
        >
          <TextField
            label="Its name"
            value={name}
            autoFocus
            onChange={(e) => {
              setName(e.target.value);
            }}
          />
          <Button small kind="do" type="submit">
            Keep
          </Button>
        </form>
      )}
    </span>
  );
}
