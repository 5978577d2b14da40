import { useState, type SyntheticEvent } from 'react';
import { send } from '@/lib/http';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import type { OutsideScriptView } from '@/types/window';
import { Button } from '@/ui/Button';
import { ChoiceField } from '@/ui/ChoiceField';
import { TextField } from '@/ui/TextField';

const PURPOSES = [
  { value: 'measure', label: 'to count visits' },
  { value: 'advertise', label: 'to advertise' },
  { value: 'help', label: 'to help shoppers' },
];
const BLANK = { name: '', purpose: 'measure', address: '', hosts: '', is_picture: false };

/** Scripts and pixels of others beside the shop: whose, what for, and the hosts they may load from. */
export function OutsideScripts({ scripts: first }: { scripts: OutsideScriptView[] }) {
  const handle = useHandle();
  const { busy, trouble, during } = useSend('here');
  const [scripts, setScripts] = useState(first);
  const [typed, setTyped] = useState(BLANK);
  const type = (said: Partial<typeof BLANK>) => setTyped((before) => ({ ...before, ...said }));
  const add = (e: SyntheticEvent) => {
    e.preventDefault();
    void during(
      send<OutsideScriptView[]>('POST', route('window.scripts.add', handle), typed).then((now) => {
        setScripts(now);
        setTyped(BLANK);
      }),
    );
  };
  const remove = (id: number) =>
    void during(send<OutsideScriptView[]>('DELETE', route('window.scripts.remove', [handle, id])).then(setScripts));
  return (
    <section aria-labelledby="scripts" className="px-6 pt-9">
      <h2 id="scripts" className="name text-[21px]">
        Scripts of others
      </h2>
      <p className="mb-3 max-w-[84ch] text-mute">
        {scripts.length === 0
          ? 'None run beside the shop, so shoppers are asked nothing. One that you add runs in a frame of its own.'
          : 'Each runs in a frame that sees nothing of the page. Where the law asks for it, shoppers agree first.'}
      </p>
      {scripts.length > 0 && (
        <ul className="mb-4 border-t border-line">
          {scripts.map((one) => (
            <li key={one.id} className="flex flex-wrap items-baseline gap-x-4 border-b border-line py-2" data-script>
              <b className="font-semibold">{one.name}</b> <span>{one.purpose}</span>
              <span className="min-w-0 flex-1 truncate text-mute">{one.hosts}</span>
              <button
                type="button"
                onClick={() => remove(one.id)}
                disabled={busy}
                className="text-mute underline hover:text-ink"
              >
                Take it out
              </button>
            </li>
          ))}
        </ul>
      )}
      <form onSubmit={add} className="flex flex-wrap items-end gap-x-5 gap-y-3">
        <TextField
          label="Whose it is"
          required
          maxLength={60}
          value={typed.name}
          onChange={(e) => type({ name: e.target.value })}
        />
        <ChoiceField
          label="What for"
          value={typed.purpose}
          choices={PURPOSES}
          onChange={(e) => type({ purpose: e.target.value })}
        />
        <TextField
          label="Loaded from"
          required
          maxLength={400}
          placeholder="https://count.example/visit.js"
          value={typed.address}
          onChange={(e) => type({ address: e.target.value })}
        />
        <TextField
          label="Other hosts it needs"
          maxLength={1000}
          placeholder="*.count.example"
          value={typed.hosts}
          onChange={(e) => type({ hosts: e.target.value })}
        />
        <label className="flex items-center gap-2 pb-2">
          <input type="checkbox" checked={typed.is_picture} onChange={(e) => type({ is_picture: e.target.checked })} />a
          pixel, no script
        </label>
        <Button small type="submit" disabled={busy}>
          Add it
        </Button>
      </form>
      {trouble && (
        <p role="alert" className="mt-2 text-loss">
          {trouble}
        </p>
      )}
    </section>
  );
}
