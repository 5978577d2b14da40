import { Head, Link, router } from '@inertiajs/react';
import { MagnifyingGlassIcon } from '@phosphor-icons/react';
import { useEffect, useRef, useState } from 'react';
import { useHandle } from '@/lib/useStall';
import { ItemRow } from '@/source/ItemRow';
import { ItemSheet } from '@/source/ItemSheet';
import { PullProgress } from '@/source/PullProgress';
import type { ConnectionView, ItemRowView } from '@/types';
import { Button } from '@/ui/Button';
import { Empty } from '@/ui/Empty';
import { Pager } from '@/ui/Pager';
import { SelectionBar } from '@/ui/SelectionBar';
import { useSelection } from '@/ui/useSelection';

interface Props {
  connections: ConnectionView[];
  items: ItemRowView[];
  words: string;
  sort: string;
  sorts: Record<string, string>;
  found: number;
  next: string | null;
  previous: string | null;
  market: string;
}

export default function SourcePage(props: Props) {
  const handle = useHandle();
  const selection = useSelection(props.items.map((i) => i.id));
  const [typed, setTyped] = useState(props.words);
  const [taking, setTaking] = useState(false);
  const [looking, setLooking] = useState<number | null>(null);
  const search = useRef<HTMLInputElement>(null);
  const pulling = props.connections.some((c) => c.run?.open);

  const find = (words: string, sort: string) => {
    router.get(
      route('source', handle),
      { ...(words ? { q: words } : {}), ...(sort !== 'landed' ? { sort } : {}) },
      { preserveState: true, preserveScroll: true, replace: true },
    );
  };
  useEffect(() => {
    if (typed === props.words) return;
    const timer = setTimeout(() => {
      find(typed, props.sort);
    }, 250);
    return () => {
      clearTimeout(timer);
    };
  });
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.key === '/' && !(e.target instanceof HTMLInputElement)) {
        e.preventDefault();
        search.current?.focus();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  }, []);

  const take = (ids: number[]) => {
    setTaking(true);
    router.post(
      route('source.take', handle),
      { items: ids },
      {
        preserveScroll: true,
        onSuccess: selection.clear,
        onFinish: () => {
          setTaking(false);
        },
      },
    );
  };

  if (props.connections.length === 0) {
    return (
      <Empty
        title="No supplier is connected yet"
        step={
          <Link href={route('source.connect', handle)} className="inline-block rounded-[7px] bg-till px-4 py-2.5 font-semibold text-sheet">
            Connect a supplier
          </Link>
        }
      >
        Here the goods of your suppliers are found and compared: what each costs in your shopper’s hands, and how soon it is there.
      </Empty>
    );
  }
  return (
    <div className="pb-20">
      <Head title="Source" />
      <div className="px-6 pt-5">
        <h1 className="name text-[26px]">Source</h1>
        {props.connections.map((c) => (
          <PullProgress key={c.id} connection={c} />
        ))}
      </div>
      <div className="sticky top-0 z-10 flex items-center gap-5 border-b border-line bg-paper px-6 py-3">
        <label className="flex flex-1 items-center gap-2 border-b-[1.5px] border-rule focus-within:border-you">
          <MagnifyingGlassIcon size={17} aria-hidden />
          <span className="sr-only">Find by words, SKU or barcode</span>
          <input
            ref={search}
            type="search"
            value={typed}
            onChange={(e) => {
              setTyped(e.target.value);
            }}
            placeholder="Words, SKU or barcode"
            className="w-full bg-transparent py-1.5 text-[16px] outline-none"
          />
          <kbd className="rounded border border-line px-1.5 text-[12px] text-mute">/</kbd>
        </label>
        <span className="text-mute" role="status" data-found>
          {props.found} {props.found === 1 ? 'item' : 'items'}, to {props.market}
        </span>
        <label className="text-mute">
          Sorted by{' '}
          <select
            value={props.sort}
            onChange={(e) => {
              find(typed, e.target.value);
            }}
            className="border-b border-rule bg-transparent py-1 font-medium text-ink"
          >
            {Object.entries(props.sorts).map(([key, label]) => (
              <option key={key} value={key}>
                {label}
              </option>
            ))}
          </select>
        </label>
      </div>
      {props.items.length === 0 ? (
        <Empty title={pulling ? 'The catalogue is on its way' : props.words ? `Nothing fits “${props.words}”` : 'Nothing here yet'}>
          {pulling
            ? 'Items appear as soon as their delivery is worked out.'
            : props.words
              ? 'Try fewer words, or part of a code.'
              : 'Pull the catalogue to fill this list.'}
        </Empty>
      ) : (
        <table className="w-full">
          <thead>
            <tr className="text-left text-[12.5px] text-mute [&>th]:px-2 [&>th]:py-2 [&>th]:font-normal">
              <th scope="col" className="pl-6!">
                <span className="sr-only">Choose</span>
              </th>
              <th scope="col" colSpan={2}>
                Item
              </th>
              <th scope="col" className="text-right">
                Cost there
              </th>
              <th scope="col" className="text-right">
                Goods + delivery
              </th>
              <th scope="col" className="text-right">
                Landed
              </th>
              <th scope="col">Arrives in</th>
              <th scope="col" className="text-right">
                Stock
              </th>
              <th scope="col" className="pr-6!">
                <span className="sr-only">Take</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {props.items.map((item) => (
              <ItemRow
                key={item.id}
                item={item}
                chosen={selection.has(item.id)}
                onChoose={(range) => {
                  selection.toggle(item.id, range);
                }}
                onTake={() => {
                  take([item.id]);
                }}
                onLook={() => setLooking(item.id)}
                busy={taking}
              />
            ))}
          </tbody>
        </table>
      )}
      <ItemSheet itemId={looking} busy={taking} onClose={() => setLooking(null)} onTake={(id) => take([id])} />
      <Pager previous={props.previous} next={props.next} />
      <SelectionBar
        count={selection.chosen.length}
        what={selection.chosen.length === 1 ? 'item chosen' : 'items chosen'}
        onClear={selection.clear}
      >
        <Button
          kind="plain"
          className="text-ink"
          disabled={taking}
          onClick={() => {
            take(selection.chosen);
          }}
        >
          Take to the bench
        </Button>
      </SelectionBar>
    </div>
  );
}
