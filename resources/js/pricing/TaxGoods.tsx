import { useId, useState, type SyntheticEvent } from 'react';
import type { TaxesView } from '@/types/pricing';
import { Button } from '@/ui/Button';
import { ChoiceField } from '@/ui/ChoiceField';

/** Goods that bear another rate than most, by what they are. */
export function TaxGoods({ taxes, onSay }: { taxes: TaxesView; onSay: (said: object) => Promise<boolean> }) {
  const [value, setValue] = useState('');
  const [rate, setRate] = useState('reduced');
  const list = useId();
  const say = (e: SyntheticEvent) => {
    e.preventDefault();
    void onSay({ by: 'type', value, class: rate }).then((ok) => {
      if (ok) setValue('');
    });
  };
  return (
    <section aria-label="Goods at another rate" className="grid gap-3">
      <h2 className="text-[17px] font-semibold">Goods at another rate</h2>
      {taxes.classes.length === 0 && <p className="text-mute">All goods bear the standard rate.</p>}
      <ul className="grid gap-1">
        {taxes.classes.map((one) => (
          <li key={`${one.by} ${one.value}`} className="flex flex-wrap items-baseline gap-x-2" data-goods={one.value}>
            <span>
              <b className="font-semibold">{one.name}</b> bear {one.words}.
            </span>
            <button
              type="button"
              onClick={() => void onSay({ by: one.by, value: one.value, class: 'standard' })}
              className="text-[13px] text-mute underline decoration-line underline-offset-4"
            >
              the standard one after all<span className="sr-only">, {one.name}</span>
            </button>
          </li>
        ))}
      </ul>
      <form onSubmit={say} className="grid gap-3">
        <div>
          <label htmlFor={`${list}-field`} className="block text-[12.5px] text-mute">
            Goods of this type
          </label>
          <input
            id={`${list}-field`}
            list={list}
            value={value}
            required
            maxLength={120}
            onChange={(e) => setValue(e.target.value)}
            className="w-full border-b-[1.5px] border-rule bg-transparent py-1 text-[15px] font-medium"
          />
          <datalist id={list}>
            {taxes.types.map((type) => (
              <option key={type} value={type} />
            ))}
          </datalist>
        </div>
        <ChoiceField
          label="bear"
          value={rate}
          onChange={(e) => setRate(e.target.value)}
          choices={taxes.classChoices.filter((choice) => choice.value !== 'standard')}
        />
        <div>
          <Button type="submit" disabled={value.trim() === ''}>
            Say it
          </Button>
        </div>
      </form>
    </section>
  );
}
