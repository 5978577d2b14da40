import { ArrowDownIcon, ArrowUpIcon, PlusIcon, XIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import { useEffect, useState } from 'react';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useAsked } from '@/lib/useAsked';
import { useHandle } from '@/lib/useStall';
import type { ListingAnswerView, ListingView, SourceView, SourcesView, VariantRowView } from '@/types/bench';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';

interface Props {
  listing: number;
  variant: VariantRowView | null;
  onClose: () => void;
  onChanged: (listing: ListingView, change: number, words: string) => void;
}

/** Where a variant is had from, in the seller's order: the first that has it sells it. */
export function SourcesSheet({ listing, variant, onClose, onChanged }: Props) {
  const handle = useHandle();
  const [sources, setSources] = useState<SourceView[]>([]);
  const [first, setFirst] = useState<SourceView[]>([]);
  const [typed, setTyped] = useState('');
  const id = variant?.id ?? null;

  useEffect(() => {
    setTyped('');
    setSources([]);
    setFirst([]);
    if (id === null) return;
    send<SourcesView>('GET', route('bench.sources', [handle, listing, { variant: id }]))
      .then((s) => {
        setSources(s.sources);
        setFirst(s.candidates);
      })
      .catch(sayTrouble);
  }, [handle, listing, id]);
  const found = useAsked<SourcesView>(
    id === null || typed.trim().length < 2
      ? null
      : { url: route('bench.sources', [handle, listing, { variant: id, q: typed.trim() }]) },
    250,
  ).answer;
  const candidates = found?.candidates ?? first;

  const swap = (n: number, by: number) => {
    const next = [...sources];
    const [moved] = next.splice(n, 1);
    if (moved) next.splice(n + by, 0, moved);
    setSources(next);
  };
  const save = () => {
    send<ListingAnswerView>('PUT', route('bench.sources.update', [handle, listing]), {
      variant: id,
      sources: sources.map((s) => ({ id: s.id, use: s.use })),
    })
      .then((answer) => {
        onChanged(answer.listing, answer.change, 'The sources are set.');
        onClose();
      })
      .catch(sayTrouble);
  };
  const known = new Set(sources.map((s) => s.id));
  return (
    <Sheet
      open={variant !== null}
      title={`Where “${variant?.label ?? ''}” comes from`}
      onClose={onClose}
      foot={
        <Button kind="do" disabled={sources.length === 0} onClick={save}>
          Use them in this order
        </Button>
      }
    >
      <p className="mb-3 text-mute">
        The first that has it sells it; its cost, stock and days count. The next stands in while the one before is sold
        out.
      </p>
      <ol>
        {sources.map((s, n) => (
          <Line key={s.id} source={s} n={n}>
            <label className="flex items-center gap-1 text-[12.5px]">
              <input
                type="checkbox"
                checked={s.use}
                onChange={(e) => setSources(sources.map((o) => (o.id === s.id ? { ...o, use: e.target.checked } : o)))}
                className="accent-[#a8431f]"
              />
              used
            </label>
            <button
              type="button"
              aria-label={`${s.supplier} up`}
              disabled={n === 0}
              onClick={() => swap(n, -1)}
              className="p-1 disabled:opacity-30"
            >
              <ArrowUpIcon size={14} />
            </button>
            <button
              type="button"
              aria-label={`${s.supplier} down`}
              disabled={n === sources.length - 1}
              onClick={() => swap(n, 1)}
              className="p-1 disabled:opacity-30"
            >
              <ArrowDownIcon size={14} />
            </button>
            <button
              type="button"
              aria-label={`${s.supplier} off the list`}
              disabled={s.own}
              title={s.own ? 'It came from here' : undefined}
              onClick={() => setSources(sources.filter((o) => o.id !== s.id))}
              className="p-1 disabled:opacity-30"
            >
              <XIcon size={14} />
            </button>
          </Line>
        ))}
      </ol>
      <h3 className="mt-6 mb-1 font-semibold">The same goods elsewhere</h3>
      <input
        value={typed}
        aria-label="Find by SKU, barcode or words"
        placeholder="SKU, barcode or words"
        onChange={(e) => setTyped(e.target.value)}
        className="mb-2 w-full border-b-[1.5px] border-rule bg-transparent py-1 focus:border-you"
      />
      {candidates.filter((c) => !known.has(c.id)).length === 0 && (
        <p className="text-mute">
          {typed ? 'Nothing fits.' : 'No other supplier of yours has this barcode. Look for it by words.'}
        </p>
      )}
      <ul>
        {candidates
          .filter((c) => !known.has(c.id))
          .map((c) => (
            <Line key={c.id} source={c}>
              <Button small onClick={() => setSources([...sources, c])} aria-label={`Add ${c.supplier} ${c.sku}`}>
                <PlusIcon size={13} /> Add
              </Button>
            </Line>
          ))}
      </ul>
    </Sheet>
  );
}

function Line({ source, n, children }: { source: SourceView; n?: number; children: React.ReactNode }) {
  return (
    <li className={clsx('flex items-center gap-3 border-t border-line py-2', !source.use && 'text-mute')}>
      {n !== undefined && <span className="w-5 text-mute">{n + 1}.</span>}
      <div className="min-w-0 flex-1">
        <b className="font-semibold text-sup">{source.supplier}</b>{' '}
        {source.selling && (
          <span className="rounded bg-see-soft px-1.5 text-[11.5px] font-semibold text-see">sells now</span>
        )}
        <span className="block truncate text-[12.5px] text-mute" title={source.title}>
          {source.title} · {source.label || source.sku}
        </span>
      </div>
      <span className="text-right">
        <b className="block font-semibold">{source.landed?.text ?? 'not sent'}</b>
        <span className="text-[12.5px] text-mute">
          {source.days ?? ''}, {source.stock} in stock
        </span>
      </span>
      <span className="flex items-center">{children}</span>
    </li>
  );
}
