import { Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useEffect, useState } from 'react';
import { useHandle } from '@/lib/useStall';
import { ChangeLine } from '@/drift/ChangeLine';
import type { GroupView, LineView } from '@/types/drift';
import { Button } from '@/ui/Button';
import { useRowKeys } from '@/ui/useRowKeys';

interface Props {
  group: GroupView;
  open: boolean;
  lines: LineView[];
  next: string | null;
  /** What is looked for on the desk, as it stands in addresses. */
  looking: Record<string, string>;
}

type For = 'once' | 'listing' | 'supplier';

const FORS: { value: For; label: string }[] = [
  { value: 'once', label: 'this once' },
  { value: 'listing', label: 'from now on, for these listings' },
  { value: 'supplier', label: 'from now on, for this supplier' },
];

const OF_ONE =
  'rounded-md border border-line px-2 py-0.5 text-[12.5px] hover:border-you hover:text-you max-md:px-4 max-md:py-2';

/** One thing that happened: the sentence with its money, and opened the changes one by one. */
export function DeskGroup({ group, open, lines, next, looking }: Props) {
  const handle = useHandle();
  const [chosen, setChosen] = useState<Set<number>>(new Set());
  const [until, setUntil] = useState<For>('once');
  useEffect(() => {
    setChosen(new Set());
  }, [lines]);

  const some = chosen.size > 0;
  const decide = (agree: boolean, ids?: number[]) => {
    const which = ids ? { changes: ids } : some ? { changes: [...chosen] } : { group: group.key, ...looking };
    router.post(route('drift.decide', handle), { ...which, agree, for: until }, { preserveScroll: true });
  };
  const toggle = (id: number) => {
    const after = new Set(chosen);
    if (!after.delete(id)) after.add(id);
    setChosen(after);
  };
  const id = (row: number): number => lines[row]?.id ?? 0;
  const these = (row: number) => (some ? undefined : [id(row)]);
  const rows = useRowKeys(open ? lines.length : 0, {
    choose: (row) => toggle(id(row)),
    agree: (row) => decide(true, these(row)),
    keepMine: (row) => decide(false, these(row)),
  });

  return (
    <section
      className={clsx(
        'border-t border-line px-6 py-3.5 max-md:px-4',
        open && 'border-l-[3px] border-l-sup bg-sheet pl-[21px]',
      )}
      aria-label={group.headline}
      data-group={group.key}
    >
      <div className="flex items-center gap-6 max-md:flex-wrap max-md:gap-3">
        <div className="min-w-0 flex-1 max-md:basis-full">
          <h2 className="name text-[16px]">
            <Link
              href={route('drift', { stall: handle, open: open ? 'none' : group.key, ...looking })}
              preserveScroll
              aria-expanded={open}
              className="hover:underline"
            >
              {group.headline}
            </Link>
          </h2>
          <p className={clsx(group.bad && 'font-semibold text-loss')}>{group.effect}</p>
          {open && (
            <p className="text-[12.5px] text-mute" data-why>
              It asks by the rule: {group.why}.
            </p>
          )}
        </div>
        <div className="flex items-center gap-4 max-md:flex-wrap md:flex-none md:whitespace-nowrap">
          {open && (
            <select
              aria-label="For how long"
              value={until}
              onChange={(e) => {
                setUntil(e.target.value as For);
              }}
              className={clsx(
                'border-b-[1.5px] border-rule bg-transparent py-1 text-[13px] text-mute ',
                'focus:border-you',
              )}
            >
              {FORS.map((f) => (
                <option key={f.value} value={f.value}>
                  {f.label}
                </option>
              ))}
            </select>
          )}
          <button
            type="button"
            className="underline decoration-rule underline-offset-4 hover:text-you"
            onClick={() => {
              decide(false);
            }}
          >
            {some ? `keep mine in ${String(chosen.size)}` : group.keep}
          </button>
          <Button
            kind="do"
            onClick={() => {
              decide(true);
            }}
          >
            {some ? `Agree to ${String(chosen.size)}` : group.agree}
          </Button>
        </div>
      </div>
      {open && lines.length > 0 && (
        <ul className="mt-3" {...rows.list}>
          {lines.map((line, row) => (
            <ChangeLine
              key={line.id}
              line={line}
              why={line.rule === group.why ? '' : line.rule}
              row={row}
              tab={rows.tab(row)}
              chosen={chosen.has(line.id)}
              onChoose={() => {
                toggle(line.id);
              }}
            >
              <button
                type="button"
                tabIndex={rows.tab(row)}
                className={OF_ONE}
                onClick={() => {
                  decide(true, [line.id]);
                }}
              >
                agree
              </button>
              <button
                type="button"
                tabIndex={rows.tab(row)}
                className={OF_ONE}
                onClick={() => {
                  decide(false, [line.id]);
                }}
              >
                keep mine
              </button>
            </ChangeLine>
          ))}
        </ul>
      )}
      {open && next !== null && (
        <Link
          href={route('drift', { stall: handle, open: group.key, cursor: next, ...looking })}
          preserveScroll
          className={clsx(
            'mt-2 inline-block text-[13px] text-mute underline decoration-rule underline-offset-4',
            'hover:text-ink',
          )}
        >
          more of them
        </Link>
      )}
    </section>
  );
}
