import type { WrittenCharge } from '@/delivery/written';
import { ChoiceField } from '@/ui/ChoiceField';
import { TextField } from '@/ui/TextField';

interface Props {
  charge: WrittenCharge;
  currency: string;
  onSay: (charge: WrittenCharge) => void;
}

/** The figures that a charge goes by. */
export function ChargeFields({ charge, currency, onSay }: Props) {
  const money = (label: string, value: string, put: (typed: string) => WrittenCharge, placeholder = '') => (
    <TextField
      label={label}
      value={value}
      placeholder={placeholder}
      after={currency}
      inputMode="decimal"
      onChange={(e) => onSay(put(e.target.value))}
    />
  );
  switch (charge.by) {
    case 'flat':
      return money('It costs', charge.amount, (amount) => ({ ...charge, amount }));
    case 'piece':
      return (
        <div className="grid grid-cols-2 gap-5">
          {money('The first piece', charge.first, (first) => ({ ...charge, first }))}
          {money('Each further one', charge.further, (further) => ({ ...charge, further }))}
        </div>
      );
    case 'cost':
      return (
        <div className="grid grid-cols-3 gap-5">
          <TextField
            label="That, times"
            value={charge.times}
            inputMode="decimal"
            onChange={(e) => onSay({ ...charge, times: e.target.value })}
          />
          {money('plus', charge.plus, (plus) => ({ ...charge, plus }))}
          <TextField
            label="to the next"
            placeholder="0.95"
            value={charge.ending ?? ''}
            inputMode="decimal"
            onChange={(e) => onSay({ ...charge, ending: e.target.value })}
          />
        </div>
      );
    case 'carrier':
      return (
        <div className="grid gap-4">
          <ChoiceField
            label="The carrier’s service"
            value={charge.service}
            onChange={(e) => onSay({ ...charge, service: e.target.value })}
            choices={[
              { value: 'plain', label: 'plain' },
              { value: 'quick', label: 'quick' },
            ]}
          />
          <div className="grid grid-cols-2 gap-5">
            {money('plus', charge.plus, (plus) => ({ ...charge, plus }))}
            {money('Where it doesn’t say in 2 seconds', charge.otherwise, (otherwise) => ({ ...charge, otherwise }))}
          </div>
        </div>
      );
    default:
      return <Bands charge={charge} currency={currency} onSay={onSay} />;
  }
}

function Bands({
  charge,
  currency,
  onSay,
}: {
  charge: Extract<WrittenCharge, { by: 'weight' | 'value' }>;
  currency: string;
  onSay: (charge: WrittenCharge) => void;
}) {
  const put = (n: number, band: Partial<(typeof charge.bands)[number]>) =>
    onSay({ ...charge, bands: charge.bands.map((b, i) => (i === n ? { ...b, ...band } : b)) });
  return (
    <div className="grid gap-2">
      {charge.bands.map((band, n) => (
        <div key={n} className="grid grid-cols-2 gap-5">
          <TextField
            label="Up to"
            after={charge.by === 'weight' ? 'g' : currency}
            inputMode="decimal"
            value={String(band.up_to)}
            onChange={(e) => put(n, { up_to: e.target.value })}
          />
          <TextField
            label="it costs"
            after={currency}
            inputMode="decimal"
            value={band.amount}
            onChange={(e) => put(n, { amount: e.target.value })}
          />
        </div>
      ))}
      <button
        type="button"
        className="justify-self-start text-[13.5px] text-mute underline decoration-line underline-offset-4"
        onClick={() => onSay({ ...charge, bands: [...charge.bands, { up_to: '', amount: '' }] })}
      >
        another mark
      </button>
      <TextField
        label="Beyond that"
        after={currency}
        inputMode="decimal"
        value={charge.beyond}
        onChange={(e) => onSay({ ...charge, beyond: e.target.value })}
      />
    </div>
  );
}
