import { useState, type SyntheticEvent } from 'react';
import { send } from '@/lib/http';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import type { OpensView } from '@/types/opening';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

/** When a closed shop opens by itself; the sign says so to shoppers. */
export function OpensAt({ opens: first }: { opens: OpensView }) {
  const handle = useHandle();
  const { busy, trouble, during } = useSend('here');
  const [opens, setOpens] = useState(first);
  const [at, setAt] = useState(first.at);
  const say = (next: string) =>
    during(
      send<OpensView>('PUT', route('opening.at', handle), { at: next || null }).then((now) => {
        setOpens(now);
        setAt(now.at);
      }),
    );
  const submit = (e: SyntheticEvent) => {
    e.preventDefault();
    void say(at);
  };
  return (
    <form onSubmit={submit} className="mt-5 flex max-w-[760px] flex-wrap items-end gap-x-5 gap-y-2">
      <TextField
        label="Or let it open by itself, by your own clock"
        type="datetime-local"
        required
        value={at}
        error={trouble || undefined}
        onChange={(e) => setAt(e.target.value)}
      />
      <Button small type="submit" disabled={busy}>
        Open it then
      </Button>
      {opens.at !== '' && (
        <p role="status">
          It opens <b>{opens.words}</b>, and the sign says so.{' '}
          <button type="button" onClick={() => void say('')} className="text-mute underline hover:text-ink">
            Not by itself
          </button>
        </p>
      )}
    </form>
  );
}
