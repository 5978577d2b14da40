import { clsx } from 'clsx';
import { useState, type ReactNode, type SyntheticEvent } from 'react';
import type { WrittenCover } from '@/delivery/written';
import type { Parts } from '@/lib/parts';
import { ChoiceField } from '@/ui/ChoiceField';
import { Popup } from '@/ui/Popup';
import { SayFoot } from '@/ui/SayFoot';
import { TextField } from '@/ui/TextField';

interface Props {
  name: string;
  covers: WrittenCover[];
  countries: { code: string; name: string }[];
  parts: Parts;
  trigger: ReactNode;
  onSay: (name: string, covers: WrittenCover[]) => Promise<boolean>;
  /** Null where it can't be taken out. */
  onRemove: (() => Promise<boolean>) | null;
}

/** Which countries, or which postcodes of them, a place holds. */
export function CoverEditor({ name, covers, countries, parts, trigger, onSay, onRemove }: Props) {
  const [open, setOpen] = useState(false);
  const [said, setSaid] = useState({ name, covers });
  const choices = countries.map((c) => ({ value: c.code, label: c.name }));
  const put = (n: number, cover: Partial<WrittenCover>) =>
    setSaid((now) => ({ ...now, covers: now.covers.map((c, i) => (i === n ? { ...c, ...cover } : c)) }));
  const say = (e: SyntheticEvent) => {
    e.preventDefault();
    void onSay(said.name, said.covers).then((ok) => ok && setOpen(false));
  };
  return (
    <Popup
      width={430}
      align="start"
      open={open}
      onOpen={(next) => {
        if (next) setSaid({ name, covers });
        setOpen(next);
      }}
      trigger={trigger}
    >
      <form onSubmit={say} className="grid gap-4 text-[15px] leading-normal">
        {said.covers.map((cover, n) => (
          <div key={n} className="grid gap-2">
            <ChoiceField
              label={n === 0 ? 'It holds' : 'and'}
              value={cover.country}
              onChange={(e) => put(n, { country: e.target.value, parts: [], postcodes: '' })}
              choices={choices}
            />
            <PartTicks
              parts={parts[cover.country] ?? []}
              chosen={cover.parts}
              onSay={(chosen) => put(n, { parts: chosen })}
            />
            <TextField
              label="Only these postcodes; all of it where none are written"
              placeholder="BT1–94, IV*, ZE; or all but 97xxx"
              value={cover.postcodes}
              onChange={(e) => put(n, { postcodes: e.target.value })}
            />
            {said.covers.length > 1 && (
              <button
                type="button"
                className="justify-self-start text-[13px] text-mute underline decoration-line underline-offset-4"
                onClick={() => setSaid((now) => ({ ...now, covers: now.covers.filter((_, i) => i !== n) }))}
              >
                without it
              </button>
            )}
          </div>
        ))}
        <button
          type="button"
          className="justify-self-start text-[13.5px] text-mute underline decoration-line underline-offset-4"
          onClick={() =>
            setSaid((now) => ({
              ...now,
              covers: [...now.covers, { country: countries[0]?.code ?? '', parts: [], postcodes: '' }],
            }))
          }
        >
          another country
        </button>
        <TextField
          label="You call it"
          placeholder="by what it holds"
          value={said.name}
          onChange={(e) => setSaid({ ...said, name: e.target.value })}
        />
        <SayFoot say="Say it" remove="Take this place out" onRemove={onRemove} onDone={() => setOpen(false)} />
      </form>
    </Popup>
  );
}

/** Which parts of a country, where addresses name one; all of it where none is ticked. */
function PartTicks({
  parts,
  chosen,
  onSay,
}: {
  parts: { code: string; name: string }[];
  chosen: string[];
  onSay: (chosen: string[]) => void;
}) {
  if (parts.length === 0) return null;
  return (
    <fieldset>
      <legend className="mb-1 text-[12.5px] text-mute">Only these parts; all of it where none is ticked</legend>
      <div className="flex max-h-36 flex-wrap gap-1 overflow-auto">
        {parts.map((part) => (
          <label
            key={part.code}
            className={clsx(
              'cursor-pointer rounded-md border border-line px-1.5 text-[13px]',
              'has-checked:border-you has-checked:bg-you-soft has-focus-visible:outline-2',
            )}
          >
            <input
              type="checkbox"
              className="sr-only"
              checked={chosen.includes(part.code)}
              onChange={() =>
                onSay(chosen.includes(part.code) ? chosen.filter((c) => c !== part.code) : [...chosen, part.code])
              }
            />
            {part.name}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
