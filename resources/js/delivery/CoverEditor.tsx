import { useState, type ReactNode, type SyntheticEvent } from 'react';
import type { WrittenCover } from '@/delivery/written';
import { ChoiceField } from '@/ui/ChoiceField';
import { Popup } from '@/ui/Popup';
import { SayFoot } from '@/ui/SayFoot';
import { TextField } from '@/ui/TextField';

interface Props {
  name: string;
  covers: WrittenCover[];
  countries: { code: string; name: string }[];
  trigger: ReactNode;
  onSay: (name: string, covers: WrittenCover[]) => Promise<boolean>;
  /** Null where it can't be taken out. */
  onRemove: (() => Promise<boolean>) | null;
}

/** Which countries, or which postcodes of them, a place holds. */
export function CoverEditor({ name, covers, countries, trigger, onSay, onRemove }: Props) {
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
