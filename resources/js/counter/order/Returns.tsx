import { Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { useHandle } from '@/lib/useStall';
import type { ReturnView } from '@/types/counter';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

/** What the shopper asks to send back, and what becomes of it. */
export function Returns({ returns, orderId }: { returns: ReturnView[]; orderId: number }) {
  if (returns.length === 0) return null;
  return (
    <section aria-label="Sent back" id="returns" className="mt-6">
      <h2 className="mb-1 text-[12.5px] text-mute">Sent back</h2>
      {returns.map((one) => (
        <Return key={one.id} one={one} orderId={orderId} />
      ))}
    </section>
  );
}

function Return({ one, orderId }: { one: ReturnView; orderId: number }) {
  const handle = useHandle();
  const [to, setTo] = useState(one.to);
  const [words, setWords] = useState('');
  const answer = (state: string) => () => {
    router.post(
      route('counter.return', [handle, orderId, one.id]),
      { state, answer: words, ...(state === 'awaited' ? { to } : {}) },
      { preserveScroll: true },
    );
  };
  const back = one.back?.text ?? '';
  return (
    <div className="border-t border-line py-3" data-return={one.state}>
      <p>
        <b className="font-semibold">{one.goods}</b>: {one.reason}.{' '}
        <span className="text-mute">
          {one.stateWords}, {one.when}
        </span>
      </p>
      {one.instead !== '' && one.exchange === null && <p>Its shopper would like {one.instead} instead.</p>}
      {one.exchange !== null && (
        <p>
          <Link
            href={route('counter.order', [handle, one.exchange])}
            className="underline decoration-line underline-offset-4"
          >
            Order {one.exchangeNumber} goes out for it
          </Link>
        </p>
      )}
      {one.words !== '' && <p className="text-mute">“{one.words}”</p>}
      {one.picture && <img src={one.picture} alt="As its shopper sent it" className="mt-2 max-h-48" />}
      {one.state === 'asked' && (
        <div className="mt-2 grid gap-2">
          <TextField
            label="Where it is sent"
            value={to}
            maxLength={400}
            onChange={(e) => {
              setTo(e.target.value);
            }}
          />
          <TextField
            label="A word besides"
            value={words}
            maxLength={1000}
            onChange={(e) => {
              setWords(e.target.value);
            }}
          />
          <div className="flex flex-wrap gap-3">
            {one.instead !== '' && (
              <Button kind="do" onClick={answer('exchanged')}>
                Send {one.instead} now
              </Button>
            )}
            <Button kind={one.instead === '' ? 'do' : 'plain'} disabled={to === ''} onClick={answer('awaited')}>
              Agree, {back} when it is there
            </Button>
            <Button onClick={answer('kept')}>Let it be kept, {back} now</Button>
            <Button kind="quiet" onClick={answer('refused')}>
              Don’t take it back
            </Button>
          </div>
        </div>
      )}
      {one.state === 'awaited' && (
        <div className="mt-2 flex flex-wrap items-center gap-3">
          <span className="text-mute">To {one.to}</span>
          {one.instead !== '' && (
            <Button kind="do" onClick={answer('exchanged')}>
              It is here: send {one.instead}
            </Button>
          )}
          <Button kind={one.instead === '' ? 'do' : 'plain'} onClick={answer('arrived')}>
            It is here: give {back} back
          </Button>
          <Button kind="quiet" onClick={answer('kept')}>
            Let it be kept
          </Button>
        </div>
      )}
      {one.answer !== '' && <p className="mt-1 text-[13px] text-mute">You said: {one.answer}</p>}
    </div>
  );
}
