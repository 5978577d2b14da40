import { clsx } from 'clsx';
import { useState, type ReactNode, type SyntheticEvent } from 'react';
import type { WrittenClause } from '@/shelves/written';
import type { ClauseView, FieldChoiceView, RuleChoicesView } from '@/types/shelves';
import { ChoiceField } from '@/ui/ChoiceField';
import { Pills } from '@/ui/Pills';
import { Popup } from '@/ui/Popup';
import { SayFoot } from '@/ui/SayFoot';
import { TextField } from '@/ui/TextField';

interface Props {
  /** Null for a new one. */
  clause: ClauseView | null;
  choices: RuleChoicesView;
  trigger: ReactNode;
  onSay: (clause: WrittenClause) => Promise<boolean>;
  onRemove?: () => Promise<boolean>;
}

const fresh = (field: string): WrittenClause => ({ field, not: false, names: [], from: '', to: '' });

/** One part of a rule, changed in a small sheet beside the sentence. */
export function ClauseEditor({ clause, choices, trigger, onSay, onRemove }: Props) {
  const [open, setOpen] = useState(false);
  const [said, setSaid] = useState<WrittenClause>(fresh('tag'));
  const field = choices.fields.find((f) => f.field === said.field);
  const begin = (next: boolean) => {
    if (next) setSaid(clause === null ? fresh('tag') : { ...clause });
    setOpen(next);
  };
  const say = (e: SyntheticEvent) => {
    e.preventDefault();
    void onSay(said).then((ok) => ok && setOpen(false));
  };
  return (
    <Popup width={400} align="start" open={open} onOpen={begin} trigger={trigger}>
      <form onSubmit={say} className="grid gap-4 text-[15px] leading-normal">
        <ChoiceField
          label="It looks at"
          value={said.field}
          onChange={(e) => setSaid(fresh(e.target.value))}
          choices={choices.fields.map((f) => ({ value: f.field, label: f.label }))}
        />
        {field && <Asked field={field} said={said} onSay={setSaid} />}
        <Pills
          label="Whether it is so"
          value={said.not ? 'not' : 'is'}
          onChoose={(v) => setSaid({ ...said, not: v === 'not' })}
          choices={[
            { value: 'is', label: 'It is so' },
            { value: 'not', label: 'It isn’t so' },
          ]}
        />
        <SayFoot say={clause === null ? 'Add it' : 'Say it'} onRemove={onRemove} onDone={() => setOpen(false)} />
      </form>
    </Popup>
  );
}

/** What the field asks for: names, an amount from and to, days, or nothing. */
function Asked({
  field,
  said,
  onSay,
}: {
  field: FieldChoiceView;
  said: WrittenClause;
  onSay: (said: WrittenClause) => void;
}) {
  const names = said.names ?? [];
  if (field.asks === 'names') {
    const known = Object.entries(field.names);
    const gone = names.filter((n) => !(n in field.names)).map((n): [string, string] => [n, `${n} (gone)`]);
    if (known.length + gone.length === 0) return <p className="text-mute">There is none to choose yet.</p>;
    return (
      <fieldset>
        <legend className="mb-1 text-[12.5px] text-mute">Any of these</legend>
        <div className="flex max-h-44 flex-wrap gap-1.5 overflow-auto">
          {[...known, ...gone].map(([value, name]) => (
            <label
              key={value}
              className={clsx(
                'cursor-pointer rounded-md border border-line px-2 py-0.5 text-[13.5px]',
                'has-checked:border-you has-checked:bg-you-soft',
              )}
            >
              <input
                type="checkbox"
                className="sr-only"
                checked={names.includes(value)}
                onChange={() =>
                  onSay({
                    ...said,
                    names: names.includes(value) ? names.filter((n) => n !== value) : [...names, value],
                  })
                }
              />
              {name}
            </label>
          ))}
        </div>
      </fieldset>
    );
  }
  if (field.asks === 'span') {
    return (
      <div className="grid grid-cols-2 gap-5">
        <TextField
          label="From"
          after={field.unit}
          inputMode="decimal"
          value={said.from ?? ''}
          onChange={(e) => onSay({ ...said, from: e.target.value })}
        />
        <TextField
          label="Up to"
          after={field.unit}
          inputMode="decimal"
          value={said.to ?? ''}
          onChange={(e) => onSay({ ...said, to: e.target.value })}
        />
      </div>
    );
  }
  return (
    field.asks === 'days' && (
      <TextField
        label="Within"
        after="days"
        inputMode="numeric"
        value={said.to ?? ''}
        onChange={(e) => onSay({ ...said, to: e.target.value })}
      />
    )
  );
}
