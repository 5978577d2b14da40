import { Link, usePage } from '@inertiajs/react';
import { StorefrontIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import { StallMenu } from '@/frame/StallMenu';
import type { FrameView } from '@/types/frame';

interface Props {
  frame: FrameView;
  onFind: () => void;
  onKeys: () => void;
}

/** The areas in the order of the work, each with what waits there. */
export function Rail({ frame, onFind, onKeys }: Props) {
  const screen = usePage().component;
  const areas = [
    { key: 'source', name: 'Source', waits: 0 },
    { key: 'bench', name: 'Bench', waits: frame.onBench },
    ...(frame.prints ? [{ key: 'print', name: 'Print', waits: 0 }] : []),
    { key: 'drift', name: 'Drift', waits: frame.drifting },
    { key: 'pricing', name: 'Pricing', waits: frame.underFloor },
    { key: 'shelves', name: 'Shelves', waits: 0 },
    { key: 'window', name: 'Window', waits: 0 },
    { key: 'counter', name: 'Counter', waits: frame.toDecide },
  ];
  return (
    <header
      className={clsx(
        'flex min-h-12 flex-none items-center gap-6 border-b border-line px-5 max-lg:gap-3',
        'max-md:flex-wrap max-md:py-1',
      )}
    >
      <StallMenu frame={frame} onKeys={onKeys} />
      <nav
        aria-label="Areas"
        className={clsx(
          'relative flex flex-1 justify-center gap-1 before:absolute before:inset-x-16 before:top-1/2',
          'before:border-t before:border-line',
          'max-md:order-last max-md:basis-full max-md:flex-wrap max-md:justify-start max-md:before:hidden',
        )}
      >
        {frame.handle !== null &&
          areas.map((area) => {
            // Where it goes and what buyers said are Counter’s, as both are of orders; codes are Pricing’s, a first shop is Window’s.
            const within = [
              area.key,
              ...({ counter: ['delivery', 'reviews'], pricing: ['offers'], window: ['opening'] }[area.key] ?? []),
            ];
            const on = within.some((name) => screen.startsWith(`${name}/`));
            return (
              <Link
                key={area.key}
                href={route(area.key, frame.handle)}
                aria-current={on ? 'page' : undefined}
                className={clsx(
                  'relative bg-paper px-3 py-1.5 max-lg:px-1.5',
                  on ? 'font-semibold text-ink' : 'font-medium text-mute hover:text-ink',
                )}
              >
                {area.name}
                {area.waits > 0 && (
                  <b className="ml-1.5 rounded-full bg-[#ece2cf] px-1.5 text-[12px] font-semibold text-ink">
                    {area.waits}
                  </b>
                )}
                {on && (
                  <span
                    aria-hidden
                    className="absolute inset-x-3 -bottom-0.5 h-[5px] max-lg:inset-x-1.5"
                    style={{
                      background:
                        'radial-gradient(circle at 5px 0, var(--color-brand) 4.5px, transparent 5px) 0 0 / 10px 5px',
                    }}
                  />
                )}
              </Link>
            );
          })}
      </nav>
      <div className="flex items-center gap-5 max-lg:gap-3 max-md:ml-auto">
        {frame.shopUrl && (
          <a
            href={frame.shopUrl}
            target="_blank"
            rel="noreferrer"
            className="whitespace-nowrap text-mute underline decoration-line underline-offset-4 hover:text-ink"
          >
            <StorefrontIcon size={18} aria-hidden className="lg:hidden" />
            <span className="max-lg:sr-only">{frame.shopOpen ? 'See the shop' : 'See the closed shop'}</span>
          </a>
        )}
        <button type="button" onClick={onFind} className="flex items-center gap-2 text-mute hover:text-ink">
          Find{' '}
          <kbd className="rounded border border-line bg-sheet px-1.5 text-[11.5px] font-semibold whitespace-nowrap max-lg:hidden">
            Ctrl K
          </kbd>
        </button>
      </div>
    </header>
  );
}
