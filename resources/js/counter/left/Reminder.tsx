import { useState, type SyntheticEvent } from 'react';
import { send } from '@/lib/http';
import { count } from '@/lib/plural';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import type { LeftBasketsView } from '@/types/counter';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

export function Reminder({ left, onDone }: { left: LeftBasketsView; onDone: (left: LeftBasketsView) => void }) {
  const handle = useHandle();
  const { during, busy } = useSend();
  const [words, setWords] = useState(left.words);
  const [hours, setHours] = useState(String(left.hours));
  const say = (e: SyntheticEvent) => {
    e.preventDefault();
    void during(send<LeftBasketsView>('PUT', route('counter.left.remind', handle), { words, hours }).then(onDone));
  };
  return (
    <section aria-label="One reminder" className="grid gap-3">
      <h2 className="text-[17px] font-semibold">{left.words === '' ? 'Nobody is reminded' : 'One reminder'}</h2>
      {left.told > 0 && (
        <p>
          {left.back} of {count(left.told, 'shopper')} who were reminded came back and bought.
        </p>
      )}
      <p className="text-mute">
        Whoever agreed to mail at the checkout gets one, with these words, the goods and a way back to the basket.
      </p>
      <form onSubmit={say} className="grid gap-3">
        <div>
          <label htmlFor="reminder" className="block text-[12.5px] text-mute">
            Your words; none, and nobody is reminded
          </label>
          <textarea
            id="reminder"
            rows={5}
            maxLength={1000}
            value={words}
            onChange={(e) => setWords(e.target.value)}
            placeholder="You left something on the stall. It is still here."
            className="w-full border-[1.5px] border-rule bg-sheet p-2 text-[15px]"
          />
        </div>
        <TextField
          label="So long after they left"
          after="hours"
          inputMode="numeric"
          value={hours}
          onChange={(e) => setHours(e.target.value)}
        />
        <div>
          <Button kind="do" small type="submit" disabled={busy}>
            Say it
          </Button>
        </div>
      </form>
    </section>
  );
}
