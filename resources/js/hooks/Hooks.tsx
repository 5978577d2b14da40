import { clsx } from 'clsx';
import { useEffect, useState } from 'react';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { DeliveryView, HookView, HooksView, MadeHookView } from '@/types/hooks';
import { Button } from '@/ui/Button';

const LINK = 'text-mute underline decoration-line underline-offset-4 hover:text-ink';

/** Programs that are told when something happens: their addresses, and what each was told. */
export function Hooks() {
  const handle = useHandle();
  const [view, setView] = useState<HooksView | null>(null);
  const [secret, setSecret] = useState<string | null>(null);
  const ask = (wanted: Promise<HooksView>) => {
    wanted.then(setView).catch(sayTrouble);
  };
  useEffect(() => {
    send<HooksView>('GET', route('programs', handle)).then(setView).catch(sayTrouble);
  }, [handle]);
  if (view === null) return null;
  return (
    <section className="mt-12 border-t border-line pt-5" aria-label="Programs that are told">
      <h2 className="name text-[19px]">Programs that are told</h2>
      <p className="mt-1 mb-4 text-mute">
        A program with a public https address can be told when something happens here. What it doesn’t take is sent
        again, seven times in 21 hours.
      </p>
      {secret && (
        <p role="status" className="mb-4 border-l-4 border-see bg-see-soft px-3 py-2">
          It knows our messages by this secret; copy it now, it isn’t shown again:{' '}
          <code className="font-mono font-semibold break-all select-all">{secret}</code>
        </p>
      )}
      {view.hooks.map((hook) => (
        <Told
          key={hook.id}
          hook={hook}
          onEnd={() => {
            ask(send<HooksView>('DELETE', route('programs.destroy', [handle, hook.id])));
          }}
          onAgain={(delivery) => {
            ask(send<HooksView>('POST', route('programs.again', [handle, hook.id, delivery])));
          }}
        />
      ))}
      <NewHook
        events={view.events}
        onMake={(address, events) => {
          send<MadeHookView>('POST', route('programs.store', handle), { address, events })
            .then((got) => {
              setSecret(got.secret);
              setView(got.hooks);
            })
            .catch(sayTrouble);
        }}
      />
    </section>
  );
}

function Told({ hook, onEnd, onAgain }: { hook: HookView; onEnd: () => void; onAgain: (delivery: number) => void }) {
  const [open, setOpen] = useState(false);
  return (
    <div className="border-t border-line py-2">
      <div className="flex items-baseline gap-4">
        <span className="min-w-0 flex-1">
          <b className="font-semibold break-all">{hook.address}</b> <span className="text-mute">{hook.when}</span>
        </span>
        <button type="button" aria-expanded={open} className={LINK} onClick={() => setOpen(!open)}>
          What it was told
        </button>
        <button type="button" className={LINK} onClick={onEnd}>
          End it
        </button>
      </div>
      {open && hook.deliveries.length === 0 && <p className="mt-2 text-mute">Nothing yet.</p>}
      {open && hook.deliveries.map((delivery) => <Line key={delivery.id} delivery={delivery} onAgain={onAgain} />)}
    </div>
  );
}

function Line({ delivery, onAgain }: { delivery: DeliveryView; onAgain: (delivery: number) => void }) {
  return (
    <div className="mt-2 flex items-baseline gap-4 text-[14px]">
      <span className="w-28 shrink-0 text-mute">{delivery.when}</span>
      <code className="w-32 shrink-0 font-mono text-[13px]" title={delivery.body}>
        {delivery.event}
      </code>
      <span className={`min-w-0 flex-1 ${delivery.state === 'failed' ? 'text-you' : ''}`}>{delivery.words}</span>
      {delivery.state !== 'waiting' && (
        <button type="button" className={LINK} onClick={() => onAgain(delivery.id)}>
          Send it again
        </button>
      )}
    </div>
  );
}

function NewHook({
  events,
  onMake,
}: {
  events: HooksView['events'];
  onMake: (address: string, events: string[]) => void;
}) {
  const [address, setAddress] = useState('');
  const [chosen, setChosen] = useState<string[]>([]);
  return (
    <form
      className="mt-3"
      onSubmit={(e) => {
        e.preventDefault();
        onMake(address, chosen);
        setAddress('');
      }}
    >
      <label className="text-[12.5px] text-mute">
        Where the program listens
        <input
          value={address}
          maxLength={600}
          placeholder="https://"
          onChange={(e) => setAddress(e.target.value)}
          className={clsx(
            'block w-full border-b-[1.5px] border-rule bg-transparent py-1 text-[15px] text-ink',
            ' focus:border-you',
          )}
        />
      </label>
      <div className="mt-3 flex flex-wrap items-center gap-x-5 gap-y-2">
        <span className="text-mute">Tell it when</span>
        {events.map((event) => (
          <label key={event.value} className="flex items-center gap-2">
            <input
              type="checkbox"
              checked={chosen.includes(event.value)}
              onChange={(e) =>
                setChosen(e.target.checked ? [...chosen, event.value] : chosen.filter((c) => c !== event.value))
              }
            />
            {event.label}
          </label>
        ))}
      </div>
      <Button type="submit" className="mt-4" disabled={address.trim() === '' || chosen.length === 0}>
        Tell it
      </Button>
    </form>
  );
}
