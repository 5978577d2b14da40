import { clsx } from 'clsx';
import { useState, type SyntheticEvent } from 'react';
import { plural } from '@/lib/plural';
import type { AppointmentView, OwnGoodView } from '@/types/bench';
import { Button } from '@/ui/Button';
import { CellField } from '@/ui/CellField';
import { TextField } from '@/ui/TextField';

interface Props {
  own: OwnGoodView;
  onSay: (what: object) => Promise<boolean>;
}

/** The times a shopper chooses from, each with its places; one more is said below them. */
export function AppointmentList({ own, onSay }: Props) {
  const [at, setAt] = useState('');
  const [places, setPlaces] = useState('8');
  const all = own.appointments.map((one) => ({ at: one.at, places: String(one.places) }));
  const say = (appointments: { at: string; places: string }[]) => onSay({ appointments });
  const add = (e: SyntheticEvent) => {
    e.preventDefault();
    void say([...all, { at, places }]).then((ok) => {
      if (ok) setAt('');
    });
  };
  return (
    <div className="grid gap-4 py-4" data-own="appointment">
      <h3 className="text-[12px] text-mute">When it is done, by your own clock</h3>
      <ul aria-label="Times" className="border-t border-line">
        {own.appointments.map((one) => (
          <Row
            key={one.at}
            one={one}
            onPlaces={(typed) => say(all.map((a) => (a.at === one.at ? { ...a, places: typed } : a)))}
            onRemove={() => say(all.filter((a) => a.at !== one.at))}
          />
        ))}
      </ul>
      <form onSubmit={add} className="flex flex-wrap items-end gap-4">
        <TextField
          label="Another time"
          type="datetime-local"
          required
          value={at}
          onChange={(e) => setAt(e.target.value)}
        />
        <TextField
          label="Places"
          inputMode="numeric"
          className="w-16"
          value={places}
          onChange={(e) => setPlaces(e.target.value)}
        />
        <Button small type="submit">
          Add it
        </Button>
      </form>
      <p className="max-w-[44ch] text-[13px] text-mute">
        Each time is sold until it begins or its places are gone. Who comes stands in your orders.
      </p>
    </div>
  );
}

interface RowProps {
  one: AppointmentView;
  onPlaces: (typed: string) => Promise<boolean>;
  onRemove: () => Promise<boolean>;
}

function Row({ one, onPlaces, onRemove }: RowProps) {
  return (
    <li className={clsx('flex flex-wrap items-baseline gap-x-4 border-b border-line py-2', one.over && 'text-mute')}>
      <b className="font-semibold">{one.words}</b>
      <span>
        {one.taken} of{' '}
        <CellField
          label={`Places, ${one.words}`}
          inputMode="numeric"
          value={String(one.places)}
          onSay={onPlaces}
          className="w-[4ch] text-center"
        />{' '}
        {plural(one.places, 'place')} taken{one.over && ', over'}
      </span>
      {one.taken === 0 && (
        <button type="button" onClick={() => void onRemove()} className="ml-auto text-mute underline hover:text-ink">
          Take it out
        </button>
      )}
    </li>
  );
}
