import { useState, type SyntheticEvent } from 'react';
import { percentOf, shareOf } from '@/lib/share';
import type { PayMethodView, WrittenMethodView } from '@/types/counter';
import { ChoiceField } from '@/ui/ChoiceField';
import { Pills } from '@/ui/Pills';
import { Popup } from '@/ui/Popup';
import { SayFoot } from '@/ui/SayFoot';
import { TextField } from '@/ui/TextField';

interface Props {
  method: PayMethodView;
  countries: { code: string; name: string }[];
  currency: string;
  onSay: (said: object) => Promise<boolean>;
}

const blank = (text: string): string | null => (text.trim() === '' ? null : text.trim());

/** To whom a way to pay is offered, and what the payment service takes of it. */
export function MethodEditor({ method, countries, currency, onSay }: Props) {
  const [open, setOpen] = useState(false);
  const [said, setSaid] = useState<WrittenMethodView>(method.written);
  const [fee, setFee] = useState('');
  const put = (other: Partial<WrittenMethodView>) => setSaid((now) => ({ ...now, ...other }));
  const say = (e: SyntheticEvent) => {
    e.preventDefault();
    void onSay({
      on: said.on,
      countries: said.countries,
      least: blank(said.least),
      most: blank(said.most),
      fee: fee.trim() === '' ? null : shareOf(fee),
      fixed: blank(said.fixed),
    }).then((ok) => ok && setOpen(false));
  };
  return (
    <Popup
      width={420}
      align="start"
      open={open}
      onOpen={(next) => {
        if (next) {
          setSaid(method.written);
          setFee(percentOf(method.written.fee));
        }
        setOpen(next);
      }}
      trigger={
        <button
          type="button"
          className="border-b-[1.5px] border-you leading-tight font-semibold text-you hover:bg-you-soft"
        >
          {method.on ? method.to : 'not offered'}
        </button>
      }
    >
      <form onSubmit={say} className="grid gap-4 text-[15px] leading-normal">
        <Pills
          label="Whether shoppers may pay so"
          value={said.on ? 'on' : 'off'}
          onChoose={(next) => put({ on: next === 'on' })}
          choices={[
            { value: 'on', label: 'offered' },
            { value: 'off', label: 'not offered' },
          ]}
        />
        <ChoiceField
          label="Sent to"
          value={said.countries[0] ?? ''}
          onChange={(e) => put({ countries: e.target.value === '' ? [] : [e.target.value] })}
          choices={[{ value: '', label: 'anywhere' }, ...countries.map((c) => ({ value: c.code, label: c.name }))]}
        />
        <div className="grid grid-cols-2 gap-5">
          <TextField
            label="From a total of"
            after={currency}
            inputMode="decimal"
            placeholder="anything"
            value={said.least}
            onChange={(e) => put({ least: e.target.value })}
          />
          <TextField
            label="Up to"
            after={currency}
            inputMode="decimal"
            placeholder="anything"
            value={said.most}
            onChange={(e) => put({ most: e.target.value })}
          />
          <TextField
            label="The service takes"
            after="%"
            inputMode="decimal"
            placeholder="as the cost sheet"
            value={fee}
            onChange={(e) => setFee(e.target.value)}
          />
          <TextField
            label="and of each payment"
            after={currency}
            inputMode="decimal"
            placeholder="as the cost sheet"
            value={said.fixed}
            onChange={(e) => put({ fixed: e.target.value })}
          />
        </div>
        <SayFoot say="Say it" onDone={() => setOpen(false)} />
      </form>
    </Popup>
  );
}
