import { Link, router } from '@inertiajs/react';
import { useEffect, useState, type SyntheticEvent } from 'react';
import { send } from '@/lib/http';
import { count } from '@/lib/plural';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { SearchedView, SearchesView, SynonymView } from '@/types/shelves';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { TextField } from '@/ui/TextField';

/** What shoppers looked for in vain, each with an answer worked out; and the words that mean the same. */
export function LookedFor({ open, onClose }: { open: boolean; onClose: () => void }) {
  const handle = useHandle();
  const [said, setSaid] = useState<SearchesView | null>(null);
  useEffect(() => {
    if (open) void send<SearchesView>('GET', route('shelves.searches', handle)).then(setSaid).catch(sayTrouble);
  }, [open, handle]);
  const ask = (method: 'POST' | 'DELETE', url: string, body?: unknown): Promise<boolean> =>
    send<SearchesView>(method, url, body)
      .then((now) => {
        setSaid(now);
        return true;
      })
      .catch((e: unknown) => {
        sayTrouble(e);
        return false;
      });
  const mean = (word: string, means: string) => ask('POST', route('shelves.synonyms', handle), { word, means });
  return (
    <Sheet open={open} title="Looked for in your shop" onClose={onClose}>
      {said?.searches.length === 0 && (
        <p className="text-mute">
          Whatever shoppers looked for, they found something. What they don’t find stands here.
        </p>
      )}
      {said !== null && said.searches.length > 0 && (
        <>
          <p className="mb-2 text-mute">Shoppers looked for these and found nothing.</p>
          <ul>
            {said.searches.map((s) => (
              <Searched
                key={s.words}
                searched={s}
                onMean={(means) => mean(s.words, means)}
                onWave={() => ask('POST', route('shelves.searches.wave', handle), { words: s.words })}
              />
            ))}
          </ul>
        </>
      )}
      <h3 className="name mt-8 text-[17px]">Words that mean the same</h3>
      <p className="mb-2 text-mute">Whoever looks for one finds the other too.</p>
      <ul>
        {said?.synonyms.map((s) => (
          <Pair key={s.id} pair={s} onForget={() => ask('DELETE', route('shelves.synonyms.forget', [handle, s.id]))} />
        ))}
      </ul>
      <NewPair onSay={mean} />
    </Sheet>
  );
}

function Searched({
  searched: s,
  onMean,
  onWave,
}: {
  searched: SearchedView;
  onMean: (means: string) => Promise<boolean>;
  onWave: () => Promise<boolean>;
}) {
  const handle = useHandle();
  const [other, setOther] = useState('');
  return (
    <li className="border-t border-line py-3" data-searched={s.words}>
      <div className="flex items-baseline gap-3">
        <b className="font-semibold">{s.words}</b>
        <span className="text-mute">{count(s.times, 'time')}</span>
        <Button kind="quiet" small className="ml-auto" onClick={() => void onWave()}>
          Don’t ask again
        </Button>
      </div>
      <div className="mt-1.5 flex flex-wrap items-center gap-2">
        {s.like !== null && (
          <Button small onClick={() => void onMean(s.like ?? '')}>
            They mean “{s.like}”
          </Button>
        )}
        {s.shelf !== null && s.shelfId !== null && (
          <Link href={route('shelves.shelf', [handle, s.shelfId])} className="underline underline-offset-4">
            The shelf {s.shelf} may be it
          </Link>
        )}
        {s.items > 0 && (
          <Button small onClick={() => router.visit(route('source', { stall: handle, q: s.words }))}>
            {count(s.items, 'item')} like that at your suppliers
          </Button>
        )}
        <form
          className="flex items-center gap-2"
          onSubmit={(e: SyntheticEvent) => {
            e.preventDefault();
            void onMean(other);
          }}
        >
          <label className="text-mute">
            means{' '}
            <input
              value={other}
              onChange={(e) => setOther(e.target.value)}
              className="w-32 border-b border-rule bg-transparent text-ink focus:border-you"
            />
          </label>
          <Button small type="submit" disabled={other.trim() === ''}>
            Say it
          </Button>
        </form>
      </div>
    </li>
  );
}

function Pair({ pair, onForget }: { pair: SynonymView; onForget: () => Promise<boolean> }) {
  return (
    <li className="flex items-baseline gap-2 border-t border-line py-2">
      <b className="font-medium">{pair.word}</b> <span className="text-mute">is</span>{' '}
      <b className="font-medium">{pair.means}</b>
      <Button kind="quiet" small className="ml-auto" onClick={() => void onForget()}>
        Forget it
      </Button>
    </li>
  );
}

function NewPair({ onSay }: { onSay: (word: string, means: string) => Promise<boolean> }) {
  const [word, setWord] = useState('');
  const [means, setMeans] = useState('');
  return (
    <form
      className="mt-3 flex items-end gap-4"
      onSubmit={(e: SyntheticEvent) => {
        e.preventDefault();
        void onSay(word, means).then((ok) => {
          if (!ok) return;
          setWord('');
          setMeans('');
        });
      }}
    >
      <TextField label="A word" value={word} onChange={(e) => setWord(e.target.value)} maxLength={60} />
      <TextField label="means the same as" value={means} onChange={(e) => setMeans(e.target.value)} maxLength={60} />
      <Button small type="submit" disabled={word.trim() === '' || means.trim() === ''}>
        Say it
      </Button>
    </form>
  );
}
