import { router } from '@inertiajs/react';
import { useState } from 'react';
import type { SetAsideView } from '@/types/drift';
import { Button } from '@/ui/Button';

const LINK = 'underline decoration-rule underline-offset-4 hover:text-ink';

/** A pull that was set aside whole: why, with samples, and what can be done with it. */
export function AsidePull({ aside, handle }: { aside: SetAsideView; handle: string }) {
  const [seen, setSeen] = useState(false);
  return (
    <section
      className="border-t border-line bg-ochre-soft/40 px-4 py-3.5 sm:px-6"
      aria-label={aside.headline}
      data-aside={aside.run}
    >
      <div className="grid items-center gap-x-6 gap-y-2 lg:grid-cols-[1fr_230px_auto]">
        <div>
          <h2 className="name text-[16px] text-ochre">{aside.headline}</h2>
          <p>{[...aside.more, aside.effect].join(' ')}</p>
        </div>
        <p className="text-mute">
          {aside.counts.length > 1 && (
            <>
              <span className="block text-[12.5px]">goods in the last pulls</span>
              {aside.counts.slice(0, -1).join(', ')}, <b className="text-ochre">{aside.counts.at(-1)}</b>
            </>
          )}
        </p>
        <div className="flex flex-wrap items-center gap-x-4 gap-y-2 lg:justify-end lg:whitespace-nowrap">
          <button
            type="button"
            className={LINK}
            aria-expanded={seen}
            onClick={() => {
              setSeen(!seen);
            }}
          >
            {seen ? 'fold it up' : 'see what is amiss'}
          </button>
          <button
            type="button"
            className={LINK}
            onClick={() => {
              router.post(route('drift.aside.through', [handle, aside.run]), {}, { preserveScroll: true });
            }}
          >
            let it through
          </button>
          <button
            type="button"
            className={LINK}
            onClick={() => {
              router.delete(route('drift.aside.destroy', [handle, aside.run]), { preserveScroll: true });
            }}
          >
            throw it away
          </button>
          <Button
            kind="do"
            onClick={() => {
              router.post(route('source.pull', [handle, aside.connection]), {}, { preserveScroll: true });
            }}
          >
            Ask again
          </Button>
        </div>
      </div>
      {seen && (
        <ul className="mt-3 gap-10 sm:columns-2 text-[13.5px]">
          {aside.samples.map((sample) => (
            <li key={sample} className="border-t border-line py-1">
              {sample}
            </li>
          ))}
          {aside.missing.map((title) => (
            <li key={title} className="border-t border-line py-1">
              {title} <span className="text-mute">didn’t come</span>
            </li>
          ))}
          {aside.samples.length === 0 && aside.missing.length === 0 && (
            <li className="text-mute">Nothing came that could be shown.</li>
          )}
        </ul>
      )}
    </section>
  );
}
