import { Head, Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { useSingleKeys } from '@/lib/keys';
import { count } from '@/lib/plural';
import { useHandle } from '@/lib/useStall';
import { ByLink } from '@/source/ByLink';
import { Filters } from '@/source/Filters';
import { ItemGrid } from '@/source/ItemGrid';
import { ItemLedger } from '@/source/ItemLedger';
import { ItemSheet } from '@/source/ItemSheet';
import { ChosenBar } from '@/source/list/ChosenBar';
import { SearchBar } from '@/source/list/SearchBar';
import { NothingFound } from '@/source/NothingFound';
import { RunBar } from '@/source/RunBar';
import { SpeakingSuppliers, Suppliers } from '@/source/Suppliers';
import { useRun } from '@/source/useRun';
import { useSearch } from '@/source/useSearch';
import type { RunView } from '@/types/runs';
import type { ConnectionView, ItemRowView, MarketView, SavedSearchView, SearchView } from '@/types/source';
import { Empty } from '@/ui/Empty';
import { Pager } from '@/ui/Pager';
import { useRowKeys } from '@/ui/useRowKeys';
import { useSelection } from '@/ui/useSelection';

interface Props {
  connections: ConnectionView[];
  items: ItemRowView[];
  search: SearchView;
  found: number;
  next: string | null;
  previous: string | null;
  market: string;
  markets: MarketView[];
  countries: { code: string; name: string }[];
  currency: string;
  mostCompared: number;
  landing: RunView | null;
  saved: SavedSearchView[];
}

const VIEW = 'source-view';

export default function SourcePage(props: Props) {
  const handle = useHandle();
  const { search, mostCompared } = props;
  const asked = useSearch();
  const selection = useSelection(props.items.map((i) => i.id));
  const [taking, setTaking] = useState(false);
  const [looking, setLooking] = useState<number | null>(null);
  const [pictures, setPictures] = useState(() => localStorage.getItem(VIEW) === 'pictures');
  const [landing, setLanding] = useRun(props.landing);

  const take = (ids: number[]) => {
    setTaking(true);
    router.post(
      route('source.take', handle),
      { items: ids },
      { preserveScroll: true, onSuccess: selection.clear, onFinish: () => setTaking(false) },
    );
  };
  const compare = (ids: number[]) => {
    router.get(route('source.compare', handle), {
      items: ids.slice(0, mostCompared),
      ...(search.trial ? { price: search.trial } : {}),
    });
  };
  const id = (row: number): number => props.items[row]?.id ?? 0;
  const rows = useRowKeys(props.items.length, {
    choose: (row) => selection.toggle(id(row), false),
    take: (row) => take([id(row)]),
  });
  useSingleKeys({ compare: () => selection.chosen.length > 1 && compare(selection.chosen) });

  if (props.connections.length === 0) {
    return (
      <Empty
        alone
        title="No supplier is connected yet"
        step={
          <Link
            href={route('source.connect', handle)}
            className="inline-block rounded-[7px] bg-till px-4 py-2.5 font-semibold text-sheet"
          >
            Connect a supplier
          </Link>
        }
      >
        Here the goods of your suppliers are found and compared: what each costs in your shopper’s hands, and how soon
        it is there.
      </Empty>
    );
  }
  const list = {
    items: props.items,
    rows,
    busy: taking,
    trial: search.trial !== null,
    chosen: selection.has,
    onChoose: (row: number, range: boolean) => selection.toggle(id(row), range),
    onTake: (row: number) => take([id(row)]),
    onLook: (row: number) => setLooking(id(row)),
  };
  const look = (as: boolean) => {
    localStorage.setItem(VIEW, as ? 'pictures' : 'ledger');
    setPictures(as);
  };
  return (
    <div className="flex flex-1 flex-col pb-16">
      <Head title="Source" />
      <div className="flex items-start gap-x-6 gap-y-3 px-6 pt-5 pb-1 max-md:flex-wrap max-md:px-5">
        <h1 className="name text-[26px]">Source</h1>
        <Suppliers connections={props.connections} />
        <ByLink onFetched={setLooking} />
      </div>
      <SpeakingSuppliers connections={props.connections} />
      <SearchBar search={search} asked={asked} props={props} pictures={pictures} look={look} />
      {landing && (
        <div className="flex items-center gap-3 border-b border-line bg-ochre-soft px-6 py-2">
          {landing.open ? (
            <RunBar run={landing} what="Working out another country" onChanged={setLanding} />
          ) : (
            <p role="alert">{landing.trouble}</p>
          )}
        </div>
      )}
      <div className="flex flex-1 max-md:flex-col">
        <Filters
          search={search}
          currency={props.currency}
          onChoose={asked.choose}
          onTrial={(price) => asked.set('price', price)}
          onClear={asked.clear}
        />
        <div className="@container min-w-0 flex-1">
          <p className="px-5 pt-2.5 text-mute" role="status" data-found>
            {count(props.found, 'item')}
            {search.instead && (
              <>
                {' '}
                for <b className="text-ink">{search.instead}</b>; nothing is called “{search.words}”
              </>
            )}
          </p>
          {props.items.length === 0 ? (
            <NothingFound pulling={props.connections.some((c) => c.run?.open)} search={search} onClear={asked.clear} />
          ) : pictures ? (
            <ItemGrid {...list} />
          ) : (
            <ItemLedger {...list} />
          )}
          <Pager previous={props.previous} next={props.next} />
        </div>
      </div>
      <ItemSheet
        itemId={looking}
        busy={taking}
        onClose={() => setLooking(null)}
        onTake={(item) => take([item])}
        onCompare={compare}
        market={props.market}
      />
      <ChosenBar selection={selection} mostCompared={mostCompared} compare={compare} taking={taking} take={take} />
    </div>
  );
}
