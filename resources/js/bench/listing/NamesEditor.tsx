import { clsx } from 'clsx';
import { ArrowLeftIcon, ClipboardTextIcon } from '@phosphor-icons/react';
import { useState } from 'react';
import { useTyped } from '@/lib/useTyped';
import type { OptionView } from '@/types/bench';
import { Button } from '@/ui/Button';
import { ClosesPopup, Popup } from '@/ui/Popup';

/** Names for the supplier's options and values; those that aren't in it stay as they are. */
type Names = Record<string, { as?: string; values?: Record<string, string> }>;

interface Props {
  options: OptionView[];
  onSay: (names: Names) => Promise<boolean>;
  onOrder: (options: string[]) => Promise<boolean>;
  onValues: (option: string, values: string[]) => Promise<boolean>;
  onDrop: (option: string) => void;
  onTakeUp: (option: string) => void;
}

/** The seller's own names for the supplier's options and values. An empty line follows the supplier. */
export function NamesEditor({ options, onSay, onOrder, onValues, onDrop, onTakeUp }: Props) {
  const shown = options.filter((o) => !o.dropped);

  return (
    <div className="space-y-2">
      {shown.map((o, n) => {
        return (
          <div key={o.name} className="flex items-baseline gap-3" data-option={o.name}>
            <div className="flex min-w-0 flex-1 flex-wrap items-baseline gap-x-4 gap-y-1">
              <NameField
                of={o.name}
                own={o.own}
                onSay={(as) => onSay({ [o.name]: { as } })}
                className="w-24 font-semibold"
              />
              {o.values.slice(0, 40).map((v, at) => (
                <span key={v.value} className="group relative">
                  {at > 0 && (
                    <button
                      type="button"
                      aria-label={`${v.own || v.value} before ${o.values[at - 1]?.own || (o.values[at - 1]?.value ?? '')}`}
                      title="Before the one to its left"
                      onClick={() => {
                        const order = o.values.map((w) => w.value);
                        order.splice(at - 1, 2, v.value, order[at - 1] ?? '');
                        void onValues(o.name, order);
                      }}
                      className={clsx(
                        'absolute top-1.5 -left-3.5 text-mute opacity-0 group-hover:opacity-100',
                        'hover:text-ink focus-visible:opacity-100',
                      )}
                    >
                      <ArrowLeftIcon size={12} />
                    </button>
                  )}
                  <NameField
                    of={v.value}
                    own={v.own}
                    onSay={(name) => onSay({ [o.name]: { values: { [v.value]: name } } })}
                    grows
                  />
                </span>
              ))}
            </div>
            <span className="flex flex-none items-center gap-2.5 text-[12.5px] text-mute">
              {n > 0 && (
                <button
                  type="button"
                  aria-label={`${o.own || o.name} before ${shown[n - 1]?.own || (shown[n - 1]?.name ?? '')}`}
                  title="Before the option above"
                  onClick={() => {
                    const order = shown.map((s) => s.name);
                    order.splice(n - 1, 2, o.name, shown[n - 1]?.name ?? '');
                    void onOrder(order);
                  }}
                  className="rotate-90 hover:text-ink"
                >
                  <ArrowLeftIcon size={14} />
                </button>
              )}
              <PasteNames option={o} onPaste={(values) => void onSay({ [o.name]: { values } })} />
              <button
                type="button"
                onClick={() => onDrop(o.name)}
                className="underline decoration-line underline-offset-2 hover:text-ink"
              >
                drop
              </button>
            </span>
          </div>
        );
      })}
      {options
        .filter((o) => o.dropped)
        .map((o) => (
          <p key={o.name} className="text-[13px] text-mute" data-dropped={o.name}>
            “{o.own || o.name}” is dropped; shoppers don’t see it.{' '}
            <button
              type="button"
              onClick={() => onTakeUp(o.name)}
              className="underline decoration-line underline-offset-2 hover:text-ink"
            >
              take it up again
            </button>
          </p>
        ))}
    </div>
  );
}

interface NameProps {
  of: string;
  own: string;
  onSay: (name: string) => Promise<boolean>;
  /** As wide as what stands in it. */
  grows?: boolean;
  className?: string;
}

function NameField({ of, own, onSay, grows = false, className }: NameProps) {
  const { field } = useTyped(own, onSay, { trimmed: true });
  const letters = Math.min(26, Math.max(7, (field.value || of).length + 1));
  return (
    <input
      aria-label={`Your name for ${of}`}
      placeholder={of}
      {...field}
      className={clsx(
        'border-b border-line bg-transparent py-0.5 placeholder:text-sup-quiet focus:border-you',
        className,
      )}
      style={grows ? { width: `${String(letters)}ch` } : undefined}
    />
  );
}

/** Many values named at once: a line each of "BLK-01 = Black", as a supplier's code table has them. */
function PasteNames({ option, onPaste }: { option: OptionView; onPaste: (values: Record<string, string>) => void }) {
  const [text, setText] = useState('');
  const known = new Map(option.values.map((v) => [v.value.toLowerCase(), v.value]));
  const read = text.split('\n').flatMap((l) => {
    const [code, ...name] = l.split(/\s*(?:=|→|->|\t|;|:)\s*/);
    const value = known.get((code ?? '').trim().toLowerCase());
    return value !== undefined && name.join(' ').trim() !== '' ? [[value, name.join(' ').trim()] as const] : [];
  });
  return (
    <Popup
      width={320}
      trigger={
        <button
          type="button"
          aria-label={`Name many values of ${option.name} at once`}
          title="Name many values at once"
          className="hover:text-ink"
        >
          <ClipboardTextIcon size={15} />
        </button>
      }
    >
      <label className="block text-[12.5px] text-mute">
        A line each: code = name
        <textarea
          value={text}
          rows={6}
          spellCheck={false}
          data-paste-names
          placeholder={option.values
            .slice(0, 3)
            .map((v) => `${v.value} = …`)
            .join('\n')}
          onChange={(e) => setText(e.target.value)}
          className={clsx(
            'mt-1 w-full rounded-md border border-rule/60 bg-paper px-2 py-1.5 font-mono text-[13px]',
            'text-ink focus:border-you',
          )}
        />
      </label>
      <div className="mt-2 flex items-center justify-between">
        <span className="text-[12.5px] text-mute">
          {read.length} of {option.values.length} known
        </span>
        <ClosesPopup>
          <Button small disabled={read.length === 0} onClick={() => onPaste(Object.fromEntries(read))}>
            Name them
          </Button>
        </ClosesPopup>
      </div>
    </Popup>
  );
}
