import { useEffect, useState } from 'react';
import type { OptionView } from '@/types';

type Names = Record<string, { as: string; values: Record<string, string> }>;

function from(options: OptionView[]): Names {
  return Object.fromEntries(options.map((o) => [o.name, { as: o.own, values: Object.fromEntries(o.values.map((v) => [v.value, v.own])) }]));
}

/** The seller's own names for the supplier's options and values. An empty line follows the supplier. */
export function NamesEditor({ options, onSay }: { options: OptionView[]; onSay: (names: Names) => Promise<boolean> }) {
  const [names, setNames] = useState(() => from(options));
  // By what they say, not by which object says it: the answer to another edit mustn't wipe what is being typed here.
  const said = JSON.stringify(from(options));
  useEffect(() => {
    setNames(JSON.parse(said) as Names);
  }, [said]);
  const save = () => {
    if (JSON.stringify(names) !== said) void onSay(names);
  };
  const line = 'border-b border-line bg-transparent py-0.5 outline-none placeholder:text-sup-quiet focus:border-you';

  return (
    <div className="space-y-2">
      {options.map((o) => {
        const own = names[o.name] ?? { as: '', values: {} };
        return (
          <div key={o.name} className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
            <input
              aria-label={`Your name for ${o.name}`}
              placeholder={o.name}
              value={own.as}
              onBlur={save}
              onChange={(e) => {
                setNames({ ...names, [o.name]: { ...own, as: e.target.value } });
              }}
              className={`${line} w-24 font-semibold`}
            />
            {o.values.slice(0, 40).map((v) => (
              <input
                key={v.value}
                aria-label={`Your name for ${v.value}`}
                placeholder={v.value}
                value={own.values[v.value] ?? ''}
                onBlur={save}
                onChange={(e) => {
                  setNames({ ...names, [o.name]: { ...own, values: { ...own.values, [v.value]: e.target.value } } });
                }}
                className={`${line} w-24`}
              />
            ))}
          </div>
        );
      })}
    </div>
  );
}
