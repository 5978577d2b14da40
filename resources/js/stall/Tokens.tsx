import { clsx } from 'clsx';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { MadeTokenView, TokenView } from '@/types/stall';
import { Button } from '@/ui/Button';

/** Tokens by which programs may read the stall. A token is shown once, when it is made. */
export function Tokens({ tokens, apiAddress }: { tokens: TokenView[]; apiAddress: string }) {
  const handle = useHandle();
  const [name, setName] = useState('');
  const [decide, setDecide] = useState(false);
  const [made, setMade] = useState<string | null>(null);
  const make = () => {
    send<MadeTokenView>('POST', route('tokens.store', handle), { name, decide })
      .then((answer) => {
        setMade(answer.token);
        setName('');
        router.reload();
      })
      .catch(sayTrouble);
  };
  return (
    <section className="mt-12 border-t border-line pt-5" aria-label="For programs">
      <h2 className="name text-[19px]">For programs</h2>
      <p className="mt-1 mb-4 text-mute">
        A program with a token can read this stall’s listings, items, pulls and what suppliers changed.{' '}
        <a href={apiAddress} className="underline">
          How it asks
        </a>
      </p>
      {made && (
        <p role="status" className="mb-4 border-l-4 border-see bg-see-soft px-3 py-2">
          Copy it now; it isn’t shown again:{' '}
          <code className="font-mono font-semibold break-all select-all" data-token>
            {made}
          </code>
        </p>
      )}
      <ul>
        {tokens.map((t) => (
          <li key={t.id} className="flex items-baseline gap-4 border-t border-line py-2">
            <b className="font-semibold">{t.name}</b>
            <span className="flex-1 text-mute">
              {t.decides ? 'reads and decides, ' : 'reads, '}made {t.made}, {t.used ? `used ${t.used}` : 'not used yet'}
            </span>
            <button
              type="button"
              className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
              onClick={() => router.delete(route('tokens.destroy', [handle, t.id]), { preserveScroll: true })}
            >
              End it
            </button>
          </li>
        ))}
      </ul>
      <form
        className="mt-3 flex flex-wrap items-end gap-x-4 gap-y-2"
        onSubmit={(e) => {
          e.preventDefault();
          make();
        }}
      >
        <label className="text-[12.5px] text-mute">
          What the token is for
          <input
            value={name}
            maxLength={60}
            onChange={(e) => setName(e.target.value)}
            className={clsx(
              'block w-64 border-b-[1.5px] border-rule bg-transparent py-1 text-[15px] text-ink',
              ' focus:border-you',
            )}
          />
        </label>
        <label className="flex items-center gap-2 py-1.5 text-mute">
          <input type="checkbox" checked={decide} onChange={(e) => setDecide(e.target.checked)} />
          may decide what suppliers changed
        </label>
        <Button type="submit" disabled={name.trim() === ''}>
          Make a token
        </Button>
      </form>
    </section>
  );
}
