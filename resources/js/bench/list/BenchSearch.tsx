import { turn } from '@/bench/list/Place';
import { SearchField } from '@/ui/SearchField';

interface Props {
  words: string;
  suppliers: { id: number; name: string }[];
  from: number | null;
}

/** Finds listings by words, or those of one supplier. */
export function BenchSearch({ words, suppliers, from }: Props) {
  return (
    <div className="mb-6 flex items-center gap-6 border-b border-line px-6 pb-2.5 max-md:flex-wrap max-md:gap-2">
      <SearchField
        label="Find on the bench"
        placeholder="Words of a title, a tag, a SKU"
        words={words}
        onSay={(q) => turn({ q, lying: null, shown: null })}
      />
      {suppliers.length > 1 && (
        <label className="whitespace-nowrap text-mute">
          from{' '}
          <select
            value={from ?? ''}
            aria-label="From which supplier"
            onChange={(e) => turn({ from: e.target.value, lying: null, shown: null })}
            className="border-b border-rule bg-transparent py-1 font-medium text-ink"
          >
            <option value="">every supplier</option>
            {suppliers.map((s) => (
              <option key={s.id} value={s.id}>
                {s.name}
              </option>
            ))}
          </select>
        </label>
      )}
    </div>
  );
}
