import { LedgerOrPictures } from '@/source/LedgerOrPictures';
import { MarketSwitch } from '@/source/MarketSwitch';
import { SavedSearches } from '@/source/SavedSearches';
import { useSearch } from '@/source/useSearch';
import type { MarketView, SavedSearchView, SearchView } from '@/types/source';
import { SearchField } from '@/ui/SearchField';

interface Bar {
  search: SearchView;
  asked: ReturnType<typeof useSearch>;
  props: {
    market: string;
    markets: MarketView[];
    countries: { code: string; name: string }[];
    saved: SavedSearchView[];
  };
  pictures: boolean;
  look: (as: boolean) => void;
}

/** What is looked for, sold where, in which order, and how it is shown. */
export function SearchBar({ search, asked, props, pictures, look }: Bar) {
  return (
    <div className="z-10 flex flex-wrap md:sticky md:top-0 items-center gap-x-5 gap-y-2 border-b border-line bg-paper px-6 py-2.5">
      <SearchField
        label="Find by words, SKU or barcode"
        placeholder="Words, SKU or barcode"
        words={search.words}
        onSay={(q) => asked.set('q', q)}
      />
      <MarketSwitch
        market={props.market}
        markets={props.markets}
        countries={props.countries}
        onTurn={(to) => asked.set('to', to)}
      />
      <label className="whitespace-nowrap text-mute">
        by{' '}
        <select
          value={search.sort}
          aria-label="Sorted by"
          onChange={(e) => {
            asked.set('sort', e.target.value === 'landed' ? '' : e.target.value);
          }}
          className="border-b border-rule bg-transparent py-1 font-medium text-ink"
        >
          {Object.entries(search.sorts).map(([key, label]) => (
            <option key={key} value={key}>
              {label}
            </option>
          ))}
        </select>
      </label>
      <SavedSearches saved={props.saved} query={asked.query} />
      <LedgerOrPictures pictures={pictures} onLook={look} />
    </div>
  );
}
