import { clsx } from 'clsx';
import { useState } from 'react';
import { Button } from '@/ui/Button';
import { ClosesPopup, Popup } from '@/ui/Popup';
import { TextField } from '@/ui/TextField';
import type { RecipeChoicesView } from '@/types/pricing';

type Written = Record<string, unknown>;

/** When a recipe counts: every condition that is given has to hold. */
export function ConditionsEditor({
  when,
  conditions,
  choices,
  onSay,
}: {
  when: string;
  conditions: Written;
  choices: RecipeChoicesView;
  onSay: (conditions: Written) => Promise<boolean>;
}) {
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState<Written>(conditions);
  const list = (key: string): (string | number)[] =>
    Array.isArray(typed[key]) ? (typed[key] as (string | number)[]) : [];
  const flip = (key: string, value: string | number) =>
    setTyped({
      ...typed,
      [key]: list(key).includes(value) ? list(key).filter((v) => v !== value) : [...list(key), value],
    });
  const text = (key: string): string => {
    const value = typed[key];
    return typeof value === 'string' || typeof value === 'number' ? String(value) : '';
  };
  const some = (label: string, key: string, from: { value: string | number; name: string }[]) =>
    from.length > 0 && (
      <fieldset className="mb-3">
        <legend className="mb-1 text-[12.5px] text-mute">{label}</legend>
        <div className="flex max-h-24 flex-wrap gap-1.5 overflow-auto">
          {from.map((c) => (
            <label
              key={c.value}
              className={clsx(
                'cursor-pointer rounded-md border border-line px-2 py-0.5 text-[13px]',
                'has-checked:border-you has-checked:bg-you-soft',
              )}
            >
              <input
                type="checkbox"
                className="sr-only"
                checked={list(key).includes(c.value)}
                onChange={() => flip(key, c.value)}
              />
              {c.name}
            </label>
          ))}
        </div>
      </fieldset>
    );
  const named = (of: Record<string, string>, numbers: boolean) =>
    Object.entries(of).map(([value, name]) => ({ value: numbers ? Number(value) : value, name }));
  const plain = (of: string[]) => of.map((value) => ({ value, name: value }));
  return (
    <Popup
      width={420}
      align="start"
      open={open}
      onOpen={(next) => {
        if (next) setTyped(conditions);
        setOpen(next);
      }}
      trigger={
        <button
          type="button"
          className={clsx(
            'text-left underline underline-offset-4',
            when === '' ? 'text-you' : 'text-mute decoration-line hover:text-ink',
          )}
          data-when
        >
          {when === '' ? 'say when it counts' : when}
        </button>
      }
    >
      {some('from', 'suppliers', named(choices.suppliers, true))}
      {some('of type', 'types', plain(choices.types))}
      {some('tagged', 'tags', plain(choices.tags))}
      {some('sold to', 'markets', named(choices.markets, false))}
      {some('printed by', 'methods', plain(choices.methods))}
      <div className="grid grid-cols-2 gap-x-5 gap-y-3">
        <TextField
          label="Goods cost from"
          value={text('cost_from')}
          onChange={(e) => setTyped({ ...typed, cost_from: e.target.value })}
          inputMode="decimal"
        />
        <TextField
          label="to"
          value={text('cost_to')}
          onChange={(e) => setTyped({ ...typed, cost_to: e.target.value })}
          inputMode="decimal"
        />
        <TextField
          label="Weight from"
          after="g"
          value={text('grams_from')}
          onChange={(e) => setTyped({ ...typed, grams_from: e.target.value })}
          inputMode="numeric"
        />
        <TextField
          label="to"
          after="g"
          value={text('grams_to')}
          onChange={(e) => setTyped({ ...typed, grams_to: e.target.value })}
          inputMode="numeric"
        />
      </div>
      <div className="mt-4 text-right">
        <ClosesPopup>
          <Button
            kind="do"
            small
            onClick={() => {
              const grams = (key: string) => (text(key).trim() === '' ? {} : { [key]: Number(text(key)) });
              const amount = (key: string) => (text(key).trim() === '' ? {} : { [key]: text(key).trim() });
              const kept = Object.fromEntries(
                Object.entries(typed).filter(([, v]) => Array.isArray(v) && v.length > 0),
              );
              void onSay({
                ...kept,
                ...amount('cost_from'),
                ...amount('cost_to'),
                ...grams('grams_from'),
                ...grams('grams_to'),
              });
            }}
          >
            It counts then
          </Button>
        </ClosesPopup>
      </div>
    </Popup>
  );
}
