import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useHandle } from '@/lib/useStall';
import type { DeskDayView, UnderWayView } from '@/types/counter';

const TONES: Record<string, string> = {
  fine: 'text-sup',
  slow: 'text-ochre',
  amiss: 'text-loss',
  there: 'text-see',
};

const at = (place: number) => `${String(place / 10)}%`;

/** What is under way, a line each from paid to promised. */
export function UnderWay({
  days,
  now,
  lines,
  open,
}: {
  days: DeskDayView[];
  now: number;
  lines: UnderWayView[];
  open: number;
}) {
  const handle = useHandle();
  if (lines.length === 0) return null;
  return (
    <section aria-label="Under way" className="border-t border-line bg-sheet px-6 pt-3 pb-5 max-md:px-4">
      <div className="grid grid-cols-[minmax(0,23rem)_minmax(0,1fr)] text-[12.5px] text-mute max-md:grid-cols-1">
        <span>
          under way · {Math.min(lines.length, open)} of {open}{' '}
          {open > lines.length && (
            <Link href={route('counter.orders', [handle, { stands: 'open' }])} className="underline underline-offset-4">
              all
            </Link>
          )}
        </span>
        <span className="relative h-5 max-md:hidden" aria-hidden>
          {days.map((day) => (
            <span key={day.name} className="absolute border-l border-line pl-1" style={{ left: at(day.at) }}>
              {day.name}
            </span>
          ))}
        </span>
      </div>
      <ul>
        {lines.map((line, n) => (
          <li
            key={`${String(line.number)} ${line.supplier} ${String(n)}`}
            className={clsx(
              'grid min-h-[33px] grid-cols-[minmax(0,23rem)_minmax(0,1fr)] items-center max-md:grid-cols-1',
              'max-md:py-1.5',
            )}
            data-under-way={line.number}
          >
            <span className="flex min-w-0 items-baseline gap-3 pr-4">
              <Link href={route('counter.order', [handle, line.order])} className="font-semibold hover:underline">
                {line.number}
              </Link>
              <span className="min-w-0 flex-1 truncate">{line.goods}</span>
              <span className="text-[13px] text-mute">{line.supplier}</span>
            </span>
            <span className={clsx('relative h-full min-h-[26px]', TONES[line.tone])}>
              <Line line={line} now={now} days={days} />
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-2 flex gap-5 text-[12.5px] text-mute" aria-hidden>
        <span>● paid</span>
        <span>□ posted</span>
        <span>❘ promised</span>
        <span>⬤ there</span>
      </p>
    </section>
  );
}

function Line({ line, now, days }: { line: UnderWayView; now: number; days: DeskDayView[] }) {
  const end = line.there ?? Math.max(now, line.paid);
  const last = Math.max(end, line.promised ?? end);
  // What is said stands behind the line, or before its end where there is no room behind.
  const room = last < 780;
  return (
    <>
      {days.map((day) => (
        <i
          key={day.name}
          className="absolute inset-y-0 border-l border-line max-md:hidden"
          style={{ left: at(day.at) }}
        />
      ))}
      <i className="absolute inset-y-0 z-10 border-l-[1.5px] border-ink" style={{ left: at(now) }} />
      <i
        className="absolute top-1/2 -mt-px border-t-2 border-current"
        style={{ left: at(line.paid), width: at(end - line.paid) }}
      />
      {line.promised !== null && line.promised > end && (
        <i
          className="absolute top-1/2 -mt-px border-t-2 border-dotted border-current opacity-60"
          style={{ left: at(end), width: at(line.promised - end) }}
        />
      )}
      <i
        className="absolute top-1/2 -mt-[4px] -ml-[4px] size-2 rounded-full bg-current"
        style={{ left: at(line.paid) }}
      />
      {line.posted !== null && (
        <i
          className="absolute top-1/2 z-10 -mt-[6px] -ml-[6px] size-3 border-2 border-current bg-sheet"
          style={{ left: at(line.posted) }}
        />
      )}
      {line.promised !== null && (
        <i className="absolute top-1/2 -mt-2 h-4 border-l-2 border-current" style={{ left: at(line.promised) }} />
      )}
      {line.there !== null && (
        <i
          className="absolute top-1/2 z-10 -mt-[6px] -ml-[6px] size-3 rounded-full bg-current"
          style={{ left: at(line.there) }}
        />
      )}
      {line.note !== '' && (
        <b
          className={clsx(
            'absolute top-1/2 z-10 -translate-y-1/2 px-2 text-[13px] font-semibold whitespace-nowrap',
            !room && 'mt-[-11px]',
          )}
          style={room ? { left: at(last) } : { right: at(1000 - last) }}
        >
          {line.note}
        </b>
      )}
    </>
  );
}
