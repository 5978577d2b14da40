import { CaretDownIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import { useState } from 'react';
import type { FilterView, SearchView } from '@/types/source';

const SHOWN = 6;

interface Props {
  search: SearchView;
  currency: string;
  onChoose: (filter: string, value: string, on: boolean) => void;
  onTrial: (price: string) => void;
  onClear: () => void;
}

/** What narrows the search. Each choice says how many items it would leave with the others as they are. */
export function Filters({ search, currency, onChoose, onTrial, onClear }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <aside
      aria-label="Narrow the search"
      className="flex-none border-line px-5 py-4 max-md:border-b max-md:py-2 md:w-[216px] md:border-r"
    >
      <div className="flex items-baseline justify-between md:mb-3">
        <h2 className="font-semibold max-md:hidden">Narrow</h2>
        <button
          type="button"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          className="py-1 font-semibold md:hidden"
        >
          Narrow <CaretDownIcon size={12} className={clsx('inline', open && 'rotate-180')} aria-hidden />
        </button>
        {search.narrowed > 0 && (
          <button
            type="button"
            onClick={onClear}
            className="text-[12.5px] text-mute underline decoration-line underline-offset-3 hover:text-ink"
          >
            take all {search.narrowed} off
          </button>
        )}
      </div>
      <div className={clsx(!open && 'max-md:hidden', 'max-md:pt-2')}>
        <TrialPrice key={search.trial ?? ''} search={search} currency={currency} onTrial={onTrial} />
        {search.filters.map((f) => (
          <Filter key={f.key} filter={f} onChoose={onChoose} />
        ))}
      </div>
    </aside>
  );
}

/** A price to try on everything found: what each item would keep, and a filter by it. */
function TrialPrice({
  search,
  currency,
  onTrial,
}: {
  search: SearchView;
  currency: string;
  onTrial: (price: string) => void;
}) {
  const [typed, setTyped] = useState(search.trial ?? '');
  const say = () => {
    if (typed.trim() !== (search.trial ?? '')) onTrial(typed.trim());
  };
  return (
    <div className="mb-4">
      <label className="block">
        <span className="text-[12.5px] text-mute">If I sold it at</span>
        <span className="flex items-baseline border-b-[1.5px] border-rule focus-within:border-you">
          <input
            value={typed}
            inputMode="decimal"
            placeholder="…"
            data-trial
            onChange={(e) => {
              setTyped(e.target.value);
            }}
            onBlur={say}
            onKeyDown={(e) => {
              if (e.key === 'Enter') say();
            }}
            className={clsx(
              'w-full bg-transparent py-0.5 font-semibold text-you placeholder:font-normal',
              'placeholder:text-rule',
            )}
          />
          <span className="text-[12.5px] text-mute">{currency}</span>
        </span>
      </label>
      {search.trialWords && <p className="mt-1 text-[12.5px] text-mute">{search.trialWords}</p>}
    </div>
  );
}

function Filter({ filter, onChoose }: { filter: FilterView; onChoose: Props['onChoose'] }) {
  const [all, setAll] = useState(false);
  const choices = all ? filter.choices : filter.choices.filter((c, n) => n < SHOWN || c.on);
  return (
    <fieldset className="mb-4" data-filter={filter.key}>
      <legend className="mb-0.5 text-[12.5px] text-mute">{filter.label}</legend>
      {choices.map((c) => (
        <label
          key={c.value}
          className={`flex cursor-pointer items-center gap-2 py-[2.5px] ${c.count === 0 && !c.on ? 'text-rule' : ''} ${c.on ? 'font-semibold' : ''}`}
        >
          <input
            type="checkbox"
            checked={c.on}
            disabled={c.count === 0 && !c.on}
            onChange={(e) => {
              onChoose(filter.key, c.value, e.target.checked);
            }}
            className="size-3.5 flex-none accent-[#a8431f]"
          />
          <span className="min-w-0 flex-1 truncate" title={c.label}>
            {c.label}
          </span>
          <span className="text-[12.5px] font-normal text-mute">{c.count.toLocaleString('en')}</span>
        </label>
      ))}
      {filter.choices.length > choices.length && (
        <button
          type="button"
          onClick={() => {
            setAll(true);
          }}
          className="mt-0.5 text-[12.5px] text-mute underline decoration-line underline-offset-3"
        >
          {filter.choices.length - choices.length} more
        </button>
      )}
    </fieldset>
  );
}
