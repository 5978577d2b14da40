import { useState, type ReactNode, type SyntheticEvent } from 'react';
import { ChargeFields } from '@/delivery/ChargeFields';
import { chargeBy, type WrittenCharge, type WrittenWay } from '@/delivery/written';
import { ChoiceField } from '@/ui/ChoiceField';
import { Pills } from '@/ui/Pills';
import { Popup } from '@/ui/Popup';
import { SayFoot } from '@/ui/SayFoot';
import { TextField } from '@/ui/TextField';

interface Props {
  way: WrittenWay;
  /** Whether it is the only one, and needs no name to be chosen by. */
  alone: boolean;
  /** Whether the one there was gets a name, too. */
  nameFirst?: boolean;
  currency: string;
  trigger: ReactNode;
  onSay: (way: WrittenWay) => Promise<boolean>;
  onRemove?: () => Promise<boolean>;
}

const KINDS: { value: WrittenCharge['by']; label: string }[] = [
  { value: 'flat', label: 'always the same' },
  { value: 'piece', label: 'by the number of pieces' },
  { value: 'weight', label: 'by weight' },
  { value: 'value', label: 'by what the goods cost' },
  { value: 'cost', label: 'by what sending it costs you' },
  { value: 'carrier', label: 'by what a carrier asks for it now' },
];

/** One way that goods go to a place: its charge, over several parcels, from when it is free, and how it travels. */
export function WayEditor({ way, alone, nameFirst = false, currency, trigger, onSay, onRemove }: Props) {
  const [open, setOpen] = useState(false);
  const [said, setSaid] = useState(way);
  const say = (e: SyntheticEvent) => {
    e.preventDefault();
    void onSay(said).then((ok) => ok && setOpen(false));
  };
  return (
    <Popup
      width={460}
      align="start"
      open={open}
      onOpen={(next) => {
        if (next) setSaid(way);
        setOpen(next);
      }}
      trigger={trigger}
    >
      <form onSubmit={say} className="grid gap-4 text-[15px] leading-normal">
        {!alone && (
          <TextField
            label="Shoppers choose it as"
            value={said.name}
            onChange={(e) => setSaid({ ...said, name: e.target.value })}
            hint={nameFirst ? 'The way there is now is called plain from then on.' : undefined}
          />
        )}
        <ChoiceField
          label="What it costs goes"
          value={said.charge.by}
          onChange={(e) => setSaid({ ...said, charge: chargeBy(e.target.value as WrittenCharge['by']) })}
          choices={KINDS}
        />
        <ChargeFields charge={said.charge} currency={currency} onSay={(charge) => setSaid({ ...said, charge })} />
        <Pills
          label="Where a basket becomes several parcels"
          value={said.across}
          onChoose={(across) => setSaid({ ...said, across })}
          choices={[
            { value: 'once', label: 'once, however many parcels' },
            { value: 'sum', label: 'for each parcel' },
            { value: 'dearest', label: 'for the dearest parcel' },
          ]}
        />
        <TextField
          label="Nothing for goods worth more than"
          placeholder="never free"
          after={currency}
          inputMode="decimal"
          value={said.free_over ?? ''}
          onChange={(e) => setSaid({ ...said, free_over: e.target.value })}
        />
        <Pills
          label="How it travels"
          value={said.prefers}
          onChoose={(prefers) => setSaid({ ...said, prefers })}
          choices={[
            { value: 'cheapest', label: 'by the cheapest way' },
            { value: 'quickest', label: 'by the quickest way' },
          ]}
        />
        {said.prefers === 'quickest' && (
          <TextField
            label="that costs you less than"
            placeholder="anything"
            after={currency}
            inputMode="decimal"
            value={said.under ?? ''}
            onChange={(e) => setSaid({ ...said, under: e.target.value })}
          />
        )}
        <TextField
          label="Fetched by shoppers themselves, at"
          placeholder="it is brought to them"
          value={said.collected}
          onChange={(e) => setSaid({ ...said, collected: e.target.value })}
          hint={said.collected === '' ? undefined : 'Suppliers send it to your own address, as your policies give it.'}
        />
        <label className="flex items-baseline gap-2">
          <input
            type="checkbox"
            checked={said.phone}
            onChange={(e) => setSaid({ ...said, phone: e.target.checked })}
            className="accent-you"
          />
          Whoever brings it rings first: ask for a telephone number
        </label>
        <SayFoot
          say="Say it"
          remove={alone ? 'Send nothing there' : 'Take this way out'}
          onRemove={onRemove}
          onDone={() => setOpen(false)}
        />
      </form>
    </Popup>
  );
}
