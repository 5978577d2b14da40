import { clsx } from 'clsx';
import { useState } from 'react';
import type { VariantRowView } from '@/types/bench';

interface Props {
  rows: VariantRowView[];
  onSwitch: (ids: number[], on: boolean) => void;
}

/**
 * Switches variants on and off by value: a field of options × values where there are two, a line of values each
 * otherwise; and by pattern.
 */
export function VariantSwitches({ rows, onSwitch }: Props) {
  const [pattern, setPattern] = useState('');
  const options = columns(rows);
  if (rows.length < 3 || options.length === 0) return null;
  const flip = (some: VariantRowView[]) =>
    onSwitch(
      some.map((r) => r.id),
      !some.every((r) => r.on),
    );
  const [down, across] = options;
  const matching = pattern.trim() === '' ? [] : rows.filter((r) => fits(r.label, pattern));
  return (
    <div className="mb-3">
      {options.length === 2 && down && across && across.values.length <= 8 ? (
        <table className="text-[13px] [&_td]:py-1 [&_th]:py-1" aria-label={`${down.name} by ${across.name}`}>
          <thead>
            <tr>
              <td />
              {across.values.map((a) => (
                <th key={a} scope="col" className="px-1 font-normal">
                  <Value label={a} rows={rows.filter((r) => r.options[across.name] === a)} onFlip={flip} />
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {down.values.map((d) => (
              <tr key={d}>
                <th scope="row" className="pr-2 text-left font-normal">
                  <Value label={d} rows={rows.filter((r) => r.options[down.name] === d)} onFlip={flip} />
                </th>
                {across.values.map((a) => {
                  const cell = rows.filter((r) => r.options[down.name] === d && r.options[across.name] === a);
                  return (
                    <td key={a} className="px-1 text-center">
                      {cell.length > 0 && (
                        <input
                          type="checkbox"
                          aria-label={`${d} · ${a}`}
                          checked={cell.every((r) => r.on)}
                          onChange={() => flip(cell)}
                          className="size-4 accent-[#a8431f]"
                        />
                      )}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      ) : (
        options.map((o) => (
          <div key={o.name} className="flex flex-wrap items-center gap-1.5 py-0.5">
            <span className="w-20 truncate text-[12.5px] text-mute">{o.name}</span>
            {o.values.slice(0, 24).map((v) => (
              <Value key={v} label={v} rows={rows.filter((r) => r.options[o.name] === v)} onFlip={flip} />
            ))}
          </div>
        ))
      )}
      <div className="mt-1.5 flex items-center gap-2 text-[13px]">
        <input
          value={pattern}
          aria-label="Variants whose name fits"
          placeholder="those that fit: copper*large"
          onChange={(e) => setPattern(e.target.value)}
          className={clsx('w-52 border-b border-line bg-transparent py-0.5 placeholder:text-rule', 'focus:border-you')}
        />
        {matching.length > 0 && (
          <>
            <span className="text-mute">{matching.length}</span>
            <button
              type="button"
              className="underline"
              onClick={() =>
                onSwitch(
                  matching.map((r) => r.id),
                  true,
                )
              }
            >
              on
            </button>
            <button
              type="button"
              className="underline"
              onClick={() =>
                onSwitch(
                  matching.map((r) => r.id),
                  false,
                )
              }
            >
              off
            </button>
            <button
              type="button"
              className="underline"
              onClick={() => {
                const only = new Set(matching.map((r) => r.id));
                onSwitch(
                  rows.filter((r) => !only.has(r.id)).map((r) => r.id),
                  false,
                );
              }}
            >
              only these
            </button>
          </>
        )}
      </div>
    </div>
  );
}

function Value({
  label,
  rows,
  onFlip,
}: {
  label: string;
  rows: VariantRowView[];
  onFlip: (rows: VariantRowView[]) => void;
}) {
  const on = rows.filter((r) => r.on).length;
  return (
    <button
      type="button"
      aria-pressed={on === rows.length ? true : on === 0 ? false : 'mixed'}
      onClick={() => onFlip(rows)}
      title={`${String(on)} of ${String(rows.length)} on`}
      className={clsx(
        'rounded-md border px-2 py-0.5 text-[13px] whitespace-nowrap',
        on === rows.length
          ? 'border-you bg-you-soft'
          : on === 0
            ? 'border-line text-mute line-through decoration-rule'
            : 'border-dashed border-you',
      )}
      data-value={label}
    >
      {label}
    </button>
  );
}

/** Options with more than one value, in the order they stand. */
function columns(rows: VariantRowView[]): { name: string; values: string[] }[] {
  const found = new Map<string, Set<string>>();
  for (const row of rows)
    for (const [name, value] of Object.entries(row.options)) found.set(name, (found.get(name) ?? new Set()).add(value));
  return [...found].map(([name, values]) => ({ name, values: [...values] })).filter((o) => o.values.length > 1);
}

/** "*" stands for anything; capitals don't count. */
function fits(label: string, pattern: string): boolean {
  const parts = pattern
    .toLowerCase()
    .split('*')
    .map((p) => p.trim());
  let at = 0;
  return parts.every((part) => {
    const found = label.toLowerCase().indexOf(part, at);
    at = found + part.length;
    return found >= 0;
  });
}
