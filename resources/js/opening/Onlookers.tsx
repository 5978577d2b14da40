import { useState, type SyntheticEvent } from 'react';
import { send } from '@/lib/http';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import type { OnlookerView } from '@/types/opening';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

/** Who may look into the shop while it is closed: each by a link or a code of their own, taken back singly. */
export function Onlookers({ onlookers: first }: { onlookers: OnlookerView[] }) {
  const handle = useHandle();
  const { busy, trouble, during } = useSend('here');
  const [onlookers, setOnlookers] = useState(first);
  const [name, setName] = useState('');
  const letIn = (e: SyntheticEvent) => {
    e.preventDefault();
    void during(
      send<OnlookerView[]>('POST', route('opening.onlookers.let-in', handle), { name }).then((now) => {
        setOnlookers(now);
        setName('');
      }),
    );
  };
  const takeBack = (id: number) =>
    void during(send<OnlookerView[]>('DELETE', route('opening.onlookers.take-back', [handle, id])).then(setOnlookers));
  return (
    <section aria-label="Who may look in" className="mt-8 max-w-[760px]">
      <h2 className="name text-[17px]">Who may look in while it is closed</h2>
      {onlookers.length > 0 && (
        <ul className="mt-2 border-t border-line">
          {onlookers.map((one) => (
            <Row key={one.id} one={one} busy={busy} onBack={() => takeBack(one.id)} />
          ))}
        </ul>
      )}
      <form onSubmit={letIn} className="mt-3 flex flex-wrap items-end gap-x-5 gap-y-2">
        <TextField
          label="Who is it for?"
          required
          maxLength={60}
          value={name}
          error={trouble || undefined}
          onChange={(e) => setName(e.target.value)}
        />
        <Button small type="submit" disabled={busy}>
          Let them look in
        </Button>
      </form>
    </section>
  );
}

function Row({ one, busy, onBack }: { one: OnlookerView; busy: boolean; onBack: () => void }) {
  const [copied, setCopied] = useState(false);
  const copy = () => void navigator.clipboard.writeText(one.address).then(() => setCopied(true));
  return (
    <li className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b border-line py-2 text-[14px]">
      <b className="min-w-[8ch] font-semibold">{one.name}</b>
      <code className="tabular-nums">{one.code}</code>
      <span className="flex-1 text-mute">{one.seen === '' ? 'hasn’t looked yet' : `looked ${one.seen}`}</span>
      <button type="button" onClick={copy} className="text-mute underline hover:text-ink">
        {copied ? 'Copied' : 'Copy the link'}
      </button>
      <button type="button" onClick={onBack} disabled={busy} className="text-mute underline hover:text-ink">
        Take it back
      </button>
    </li>
  );
}
