import { clsx } from 'clsx';
import type { PlacingView } from '@/types/print';
import type { Draft } from './units';

/** What each size costs and keeps, along the bottom; a size is switched off and on there. */
export function SizeStrip({
  view,
  draft,
  onChange,
}: {
  view: PlacingView;
  draft: Draft;
  onChange: (next: Draft) => void;
}) {
  const turn = (name: string) => {
    const sizes = draft.sizes.includes(name)
      ? draft.sizes.filter((s) => s !== name)
      : view.sizes.map((s) => s.name).filter((s) => s === name || draft.sizes.includes(s));
    if (sizes.length > 0) onChange({ ...draft, sizes });
  };
  return (
    <section
      aria-label="What each size keeps"
      className="flex flex-none flex-wrap items-center gap-x-8 gap-y-2 bg-till px-6 py-3 text-till-ink max-md:px-4"
      data-strip
    >
      <div className="min-w-44 max-md:flex max-md:basis-full max-md:flex-row-reverse max-md:items-baseline max-md:justify-between max-md:gap-3">
        <p className="text-[12px] text-till-mute">printed, posted to the shopper, fees and tax</p>
        <p className="name text-[20px] whitespace-nowrap">{view.keeps}</p>
      </div>
      <ul className="flex flex-1 flex-wrap gap-x-6 gap-y-2 max-md:flex-nowrap max-md:overflow-x-auto">
        {view.sizes.map((size) => {
          const chosen = size.name === '' || draft.sizes.includes(size.name);
          return (
            <li
              key={size.name}
              className={clsx('flex flex-none items-end gap-2', !chosen && 'opacity-55')}
              data-size={size.name}
            >
              <span aria-hidden className="flex h-11 w-[9px] items-end bg-white/10">
                <span
                  className={clsx('w-full', size.loses || size.short ? 'bg-[#e0a33a]' : 'bg-[#7fb58f]')}
                  style={{ height: `${String(Math.max(4, size.share))}%` }}
                />
              </span>
              <span className="text-[12.5px] leading-tight whitespace-nowrap">
                {size.name === '' ? (
                  <b className="block text-[14px] font-semibold">one size</b>
                ) : (
                  <label className="flex items-center gap-1.5 text-[14px] font-semibold">
                    <input
                      type="checkbox"
                      checked={chosen}
                      onChange={() => turn(size.name)}
                      className="size-3.5 accent-[#f0b45a]"
                    />
                    {size.name}
                  </label>
                )}
                <span className="block text-till-mute">costs {size.costs}</span>
                <span className="block text-till-mute">asks {size.asks}</span>
                <b className={clsx('block font-semibold', (size.loses || size.short) && 'text-[#f0b45a]')}>
                  {size.keeps}
                </b>
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
