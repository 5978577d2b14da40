import { router } from '@inertiajs/react';
import { useState, type SyntheticEvent } from 'react';
import { send } from '@/lib/http';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import { Button } from '@/ui/Button';
import { Pills } from '@/ui/Pills';
import { Sheet } from '@/ui/Sheet';
import { TextField } from '@/ui/TextField';

const NAMES: Record<string, string> = {
  download: 'Planting plan for a small plot',
  appointment: 'An afternoon of grafting',
  gift_card: 'A gift card',
};

/** Something of one's own that nobody posts: named and priced here, finished on the bench. */
export function MakeOwn() {
  const handle = useHandle();
  const { busy, trouble, during } = useSend('here');
  const [open, setOpen] = useState(false);
  const [giving, setGiving] = useState('download');
  const [said, setSaid] = useState({ name: '', price: '', at: '', places: '8' });
  const field = (name: keyof typeof said) => ({
    value: said[name],
    onChange: (e: { target: { value: string } }) => setSaid({ ...said, [name]: e.target.value }),
  });
  const make = (e: SyntheticEvent) => {
    e.preventDefault();
    void during(
      send<{ to: string }>('POST', route('bench.own', handle), { giving, ...said }).then(({ to }) => router.visit(to)),
    );
  };
  return (
    <>
      <button
        type="button"
        onClick={() => setOpen(true)}
        className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
      >
        Something of your own
      </button>
      <Sheet
        open={open}
        onClose={() => setOpen(false)}
        title="Something of your own"
        foot={
          <Button kind="do" type="submit" form="own" disabled={busy}>
            Lay it on the bench
          </Button>
        }
      >
        <form id="own" onSubmit={make} className="grid max-w-[420px] gap-5">
          <p className="text-mute">Nobody posts it, so nothing is ordered of a supplier and no delivery is charged.</p>
          <Pills
            label="What it is"
            value={giving}
            onChoose={setGiving}
            choices={[
              { value: 'download', label: 'a file to download' },
              { value: 'appointment', label: 'something done at a time' },
              { value: 'gift_card', label: 'a gift card' },
            ]}
          />
          <TextField label="What it is called" placeholder={NAMES[giving]} {...field('name')} />
          <TextField
            label={giving === 'gift_card' ? 'What it is worth' : 'What it costs'}
            inputMode="decimal"
            placeholder="9.50"
            className="w-32"
            {...field('price')}
          />
          {giving === 'appointment' && (
            <div className="flex gap-6">
              <TextField label="The first time" type="datetime-local" {...field('at')} />
              <TextField label="Places" inputMode="numeric" className="w-20" {...field('places')} />
            </div>
          )}
          {trouble !== '' && (
            <p role="alert" className="font-medium text-you">
              {trouble}
            </p>
          )}
        </form>
      </Sheet>
    </>
  );
}
