import { clsx } from 'clsx';
import { Link, router } from '@inertiajs/react';
import { ChangeLine } from '@/drift/ChangeLine';
import { useHandle } from '@/lib/useStall';
import type { LineView } from '@/types/drift';

interface Props {
  count: number;
  open: boolean;
  lines: LineView[];
  next: string | null;
}

/** What rules dealt with by themselves: quieter, and it can be set back. */
export function QuietOnes({ count, open, lines, next }: Props) {
  const handle = useHandle();
  if (count === 0) return null;
  const standing: Record<string, string> = { followed: 'followed', kept: 'yours stands', settled: 'taken back' };
  return (
    <section
      className="border-t border-line px-6 py-3.5 text-mute"
      aria-label="What went through by your rules"
      data-group="quiet"
    >
      <Link
        href={route('drift', { stall: handle, open: open ? 'none' : 'quiet' })}
        preserveScroll
        aria-expanded={open}
        className="underline decoration-rule underline-offset-4 hover:text-ink"
      >
        {open
          ? 'Fold up what went through by your rules'
          : `What went through by your rules: ${count.toLocaleString('en')}`}
      </Link>
      {open && (
        <ul className="mt-3">
          {lines.map((line) => (
            <ChangeLine key={line.id} line={line} why={line.rule}>
              <span className="text-[12.5px] whitespace-nowrap" title={line.when}>
                {standing[line.standing] ?? line.standing}
              </span>
              {line.settable && (
                <button
                  type="button"
                  className={clsx(
                    'rounded-md border border-line px-2 py-0.5 text-[12.5px] whitespace-nowrap',
                    'hover:border-you hover:text-you',
                  )}
                  onClick={() => {
                    router.post(route('drift.set-back', handle), { changes: [line.id] }, { preserveScroll: true });
                  }}
                >
                  set it back
                </button>
              )}
            </ChangeLine>
          ))}
        </ul>
      )}
      {open && next !== null && (
        <Link
          href={route('drift', { stall: handle, open: 'quiet', cursor: next })}
          preserveScroll
          className="mt-2 inline-block text-[13px] underline decoration-rule underline-offset-4 hover:text-ink"
        >
          earlier ones
        </Link>
      )}
    </section>
  );
}
