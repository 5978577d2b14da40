import { clsx } from 'clsx';
import { useEffect, useState } from 'react';
import { Picked } from '@/delivery/Picked';
import type { Parts } from '@/lib/parts';
import { send, words } from '@/lib/http';
import { useAsked } from '@/lib/useAsked';
import { useHandle } from '@/lib/useStall';
import type { TrialGoodView, TriedView } from '@/types/delivery';
import { ChoiceField } from '@/ui/ChoiceField';
import { TextField } from '@/ui/TextField';

interface Props {
  turn: number;
  countries: { code: string; name: string }[];
  parts: Parts;
  home: string;
}

interface Line extends TrialGoodView {
  pieces: number;
}

/** A basket tried: where to and when, and the reasoning of what comes of it. Nothing is bought. */
export function TryBasket({ turn, countries, parts, home }: Props) {
  const handle = useHandle();
  const [lines, setLines] = useState<Line[] | null>(null);
  const [to, setTo] = useState({ country: home, part: '', postcode: '' });
  const [at, setAt] = useState('');
  const [way, setWay] = useState<number | null>(null);
  const [refused, setRefused] = useState('');
  const there = parts[to.country] ?? [];
  useEffect(() => {
    send<TrialGoodView[]>('GET', route('delivery.goods', handle))
      .then((goods) => setLines(goods.slice(0, 3).map((good) => ({ ...good, pieces: 1 }))))
      .catch((error: unknown) => setRefused(words(error)));
  }, [handle]);
  const body = {
    lines: lines?.map(({ variant, pieces }) => ({ variant, pieces })),
    ...to,
    at: at === '' ? null : at,
    way,
  };
  const any = lines !== null && lines.length > 0;
  const asked = useAsked<TriedView>(any ? { url: route('delivery.try', handle), body, turn } : null, 250);
  const [tried, trouble] = [asked.answer, refused || asked.trouble];
  return (
    <aside className="border-line bg-sheet px-6 pt-6 pb-16 lg:border-l" aria-label="Try a basket" data-try>
      <h2 className="name mb-3 text-[20px]">Try a basket</h2>
      <Picked lines={lines ?? []} onSay={setLines} />
      <div className="mt-3 grid gap-x-5 gap-y-3 sm:grid-cols-[1fr_8rem]">
        <ChoiceField
          label="It goes to"
          value={to.country}
          onChange={(e) => {
            setTo({ country: e.target.value, part: '', postcode: '' });
            setWay(null);
          }}
          choices={countries.map((c) => ({ value: c.code, label: c.name }))}
        />
        <TextField
          label="Postcode"
          placeholder="any"
          value={to.postcode}
          onChange={(e) => setTo({ ...to, postcode: e.target.value })}
        />
        {there.length > 0 && (
          <ChoiceField
            label="State or province"
            value={to.part}
            onChange={(e) => setTo({ ...to, part: e.target.value })}
            choices={[{ value: '', label: 'any' }, ...there.map((p) => ({ value: p.code, label: p.name }))]}
          />
        )}
        <TextField label="Paid, if not now" type="datetime-local" value={at} onChange={(e) => setAt(e.target.value)} />
      </div>
      {trouble !== '' && (
        <p role="alert" className="mt-3 font-medium text-you">
          {trouble}
        </p>
      )}
      {lines?.length === 0 && (
        <p className="mt-3 text-mute">Put goods in the window first; then they can be tried here.</p>
      )}
      {tried !== null && trouble === '' && <Outcome tried={tried} onChoose={setWay} />}
    </aside>
  );
}

function Outcome({ tried, onChoose }: { tried: TriedView; onChoose: (way: number) => void }) {
  return (
    <div aria-live="polite">
      <ol className="mt-4">
        {tried.reasons.map((reason, n) => (
          <li key={n} className="grid grid-cols-[26px_1fr] border-t border-line py-2 leading-snug">
            <span className="text-mute">{n + 1}</span>
            <span className={clsx(reason.startsWith('So ') && 'font-semibold text-ochre')}>{reason}</span>
          </li>
        ))}
      </ol>
      {tried.ways.length > 1 && (
        <p className="flex flex-wrap gap-x-4 border-t border-line py-2 text-mute">
          {tried.ways.map((way) => (
            <button
              key={way.at}
              type="button"
              className="underline decoration-line underline-offset-4 hover:text-ink"
              onClick={() => onChoose(way.at)}
            >
              {way.name}: {way.charge.text}, {way.dates}
            </button>
          ))}
        </p>
      )}
      {tried.charge !== null && (
        <dl className="mt-1 grid grid-cols-[1fr_auto_auto] gap-x-6 gap-y-1 border-t-2 border-ink pt-2.5 text-right">
          <dt className="text-left font-semibold">With them {tried.dates}</dt>
          <dd>{tried.charge.text}</dd>
          <dd className="text-mute">{tried.delivery && `costs ${tried.delivery.text}`}</dd>
          <dt className="text-left text-mute">goods</dt>
          <dd>{tried.goods?.text}</dd>
          <dd className="text-mute">{tried.cost && `cost ${tried.cost.text}`}</dd>
          <dt className="text-left text-mute">tax, duty and fees</dt>
          <dd />
          <dd className="text-mute">{tried.taxAndFees?.text}</dd>
          <dt className="name text-left text-[17px]">You keep</dt>
          <dd />
          <dd className={clsx('text-[16px] font-semibold', tried.keep?.sign === -1 ? 'text-loss' : 'text-see')}>
            {tried.keep === null ? 'unknown' : tried.keep.sign === -1 ? `lose ${tried.keep.absolute}` : tried.keep.text}
          </dd>
        </dl>
      )}
    </div>
  );
}
