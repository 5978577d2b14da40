import { useState, type ReactNode, type SyntheticEvent } from 'react';
import type { Parts } from '@/lib/parts';
import { percentOf, shareOf } from '@/lib/share';
import type { TaxRateView } from '@/types/pricing';
import { ChoiceField } from '@/ui/ChoiceField';
import { Pills } from '@/ui/Pills';
import { Popup } from '@/ui/Popup';
import { SayFoot } from '@/ui/SayFoot';
import { TextField } from '@/ui/TextField';

interface Props {
  country: string;
  rate: TaxRateView | null;
  parts: NonNullable<Parts[string]>;
  trigger: ReactNode;
  onSay: (said: object) => Promise<boolean>;
  onRemove?: (() => Promise<boolean>) | undefined;
}

/** A rate of a country, a part of it or some postcodes, from a day on. */
export function TaxRateEditor({ country, rate, parts, trigger, onSay, onRemove }: Props) {
  const [open, setOpen] = useState(false);
  const written = () => ({
    percent: percentOf(rate?.share ?? ''),
    class: rate?.class ?? 'reduced',
    part: rate?.parts[0] ?? '',
    postcodes: rate?.postcodes ?? '',
    from: rate?.day ?? '',
    source: rate?.source ?? '',
  });
  const [said, setSaid] = useState(written);
  const put = (other: Partial<typeof said>) => setSaid((now) => ({ ...now, ...other }));
  // What names several parts keeps them; one that is chosen here takes their place.
  const named = rate !== null && rate.parts.length > 1 && said.part === rate.parts[0] ? rate.parts : null;
  const say = (e: SyntheticEvent) => {
    e.preventDefault();
    void onSay({
      country,
      parts: named ?? (said.part === '' ? [] : [said.part]),
      postcodes: said.postcodes,
      class: said.class,
      rate: shareOf(said.percent),
      from: said.from,
      source: said.source,
    }).then((ok) => ok && setOpen(false));
  };
  return (
    <Popup
      width={420}
      align="start"
      open={open}
      onOpen={(next) => {
        if (next) setSaid(written());
        setOpen(next);
      }}
      trigger={trigger}
    >
      <form onSubmit={say} className="grid gap-4 text-[15px] leading-normal">
        <Pills
          label="For which goods"
          value={said.class}
          onChoose={(next) => put({ class: next })}
          choices={[
            { value: 'standard', label: 'most goods' },
            { value: 'reduced', label: 'goods at the reduced rate' },
          ]}
        />
        <div className="grid grid-cols-2 gap-5">
          <TextField
            label="Rate"
            after="%"
            inputMode="decimal"
            required
            value={said.percent}
            onChange={(e) => put({ percent: e.target.value })}
          />
          <TextField
            label="From this day on"
            type="date"
            value={said.from}
            onChange={(e) => put({ from: e.target.value })}
          />
        </div>
        {parts.length > 0 && (
          <ChoiceField
            label="Part of the country"
            value={said.part}
            onChange={(e) => put({ part: e.target.value })}
            choices={[{ value: '', label: 'all of it' }, ...parts.map((p) => ({ value: p.code, label: p.name }))]}
          />
        )}
        <TextField
          label="Only these postcodes"
          placeholder="all of them"
          value={said.postcodes}
          onChange={(e) => put({ postcodes: e.target.value })}
        />
        <TextField
          label="Where that is said"
          placeholder="a law, a letter, an adviser"
          value={said.source}
          onChange={(e) => put({ source: e.target.value })}
        />
        <SayFoot say={rate === null ? 'Add it' : 'Say it'} onRemove={onRemove} onDone={() => setOpen(false)} />
      </form>
    </Popup>
  );
}
