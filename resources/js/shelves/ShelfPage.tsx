import { useGiven } from '@/lib/useGiven';
import { Head, Link, router } from '@inertiajs/react';
import { toast } from 'sonner';
import { send } from '@/lib/http';
import { count, plural } from '@/lib/plural';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import { OnItsPage } from '@/shelves/OnItsPage';
import { RuleSentence } from '@/shelves/RuleSentence';
import { ShelfGoods } from '@/shelves/ShelfGoods';
import { WhyFinder } from '@/shelves/WhyFinder';
import { written } from '@/shelves/written';
import type { RuleChoicesView, ShelfView } from '@/types/shelves';
import { Button } from '@/ui/Button';
import { CellField } from '@/ui/CellField';

/** One shelf: its rule as a sentence, and beside it at once what stands on it. */
export default function ShelfPage({ shelf: given, choices }: { shelf: ShelfView; choices: RuleChoicesView }) {
  const handle = useHandle();
  const [shelf, setShelf] = useGiven(given);
  const ask = (method: 'POST' | 'PATCH', url: string, body: unknown): Promise<boolean> =>
    send<ShelfView>(method, url, body)
      .then((now) => {
        setShelf(now);
        return true;
      })
      .catch((e: unknown) => {
        sayTrouble(e);
        return false;
      });
  const at = route('shelves.update', [handle, shelf.id]);
  const say = (body: Record<string, unknown>) => ask('PATCH', at, body);
  /** Says another rule and offers the one before. */
  const rule = (next: unknown) => {
    const before = shelf.rule === null ? null : written(shelf.rule);
    return say({ rule: next, seen: shelf.version }).then((ok) => {
      if (ok && before !== null && before.parts.length > 0) {
        toast('The rule is another.', {
          id: 'rule',
          duration: 12_000,
          action: { label: 'Take it back', onClick: () => void say({ rule: before }) },
        });
      }
      return ok;
    });
  };
  const place = (listings: number[], kind: string) =>
    ask('POST', route('shelves.place', [handle, shelf.id]), { listings, kind });
  const remove = () =>
    void send('DELETE', route('shelves.destroy', [handle, shelf.id]))
      .then(() => {
        toast(`“${shelf.name}” is taken away. Its goods stay where they are.`);
        router.visit(route('shelves', handle));
      })
      .catch(sayTrouble);
  return (
    <div className="px-6 pt-5 pb-16 max-md:px-5">
      <Head title={shelf.name} />
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <Link href={route('shelves', handle)} className="text-mute underline decoration-line underline-offset-4">
          Shelves
        </Link>
        <h1 className="sr-only">{shelf.name}</h1>
        <CellField
          label="Name of the shelf"
          value={shelf.name}
          inputMode="text"
          onSay={(name) => say({ name })}
          className="name field-sizing-content min-w-40 border-transparent text-[26px] hover:border-rule/40"
        />
        <div className="ml-auto flex items-baseline gap-5">
          <a
            href={shelf.address}
            target="_blank"
            rel="noreferrer"
            className="text-see underline decoration-line underline-offset-4"
          >
            See its page
          </a>
          <Button kind="quiet" onClick={remove}>
            Take it away
          </Button>
        </div>
      </div>
      <div className="mt-3 max-w-[96ch] text-[16.5px] leading-[2.05]">
        {shelf.rule !== null ? (
          <RuleSentence rule={shelf.rule} choices={choices} onSay={rule} />
        ) : (
          <span>Goods you pick by hand</span>
        )}
        <span className="text-mute">
          , which stand{' '}
          <select
            aria-label="In which order they stand"
            value={shelf.standing}
            onChange={(e) => void say({ standing: e.target.value })}
            className="field-sizing-content border-b border-rule/40 bg-transparent leading-tight font-medium text-ink"
          >
            {Object.entries(choices.standings).map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </select>
          .
        </span>
      </div>
      <OnItsPage shelf={shelf} onSay={say} />
      <div className="mt-5 flex flex-wrap items-baseline gap-x-6 gap-y-3 border-t border-line pt-4">
        <p aria-live="polite" data-count>
          <b className="name text-[19px]">{count(shelf.count, 'thing')}</b>{' '}
          <span className="text-mute">
            {plural(shelf.count, 'stands', 'stand')} on it
            {shelf.gone > 0 && <span className="text-ochre">; {shelf.gone} can’t be bought and stand last</span>}
          </span>
        </p>
        <WhyFinder shelf={shelf} onPlace={place} />
      </div>
      <ShelfGoods
        shelf={shelf}
        onPlace={place}
        onOrder={(listings) => ask('POST', route('shelves.order', [handle, shelf.id]), { listings })}
        onCover={(cover) => say({ cover_id: cover })}
      />
    </div>
  );
}
