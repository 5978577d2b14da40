import { Head, Link, router, usePage } from '@inertiajs/react';
import { useState } from 'react';
import { useHandle } from '@/lib/useStall';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

interface Props {
  preferences: string[];
  words: Record<string, string>;
  suppliers: { id: number; name: string }[];
  sentence: string;
  dearer: string;
  ways: { id: number; name: string; way: string }[];
}

/** How orders are shared out over suppliers: what counts, in turn, said as a sentence. */
export default function SharingPage({ preferences: first, words, suppliers: named, sentence, dearer, ways }: Props) {
  const handle = useHandle();
  const [preferences, setPreferences] = useState(first);
  const [suppliers, setSuppliers] = useState(named);
  const [band, setBand] = useState(dearer.replace('%', ''));
  const { errors } = usePage().props;
  const up = <T,>(list: T[], n: number): T[] =>
    n === 0 ? list : [...list.slice(0, n - 1), ...list.slice(n, n + 1), ...list.slice(n - 1, n), ...list.slice(n + 1)];
  const changed =
    JSON.stringify([preferences, suppliers, band]) !== JSON.stringify([first, named, dearer.replace('%', '')]);
  return (
    <div className="max-w-[860px] px-6 pt-5 pb-16 max-md:px-4">
      <Head title="How orders are shared out" />
      <div className="flex flex-wrap items-baseline gap-x-6">
        <h1 className="name text-[26px]">How orders are shared out</h1>
        <Link href={route('counter', handle)} className="text-mute underline decoration-line underline-offset-4">
          The desk
        </Link>
      </div>
      <p className="name mt-4 text-[19px] leading-snug" data-sentence>
        {sentence}
      </p>
      <h2 className="mt-7 text-[12.5px] text-mute">What counts, in turn</h2>
      <ol>
        {preferences.map((one, n) => (
          <li key={one} className="flex items-baseline gap-4 border-t border-line py-2" data-preference={one}>
            <span className="w-5 text-mute">{n + 1}</span>
            <span className="flex-1 font-medium">{words[one]}</span>
            {n > 0 && (
              <Button
                kind="quiet"
                small
                onClick={() => {
                  setPreferences(up(preferences, n));
                }}
              >
                before that
              </Button>
            )}
            {preferences.length > 1 && (
              <Button
                kind="quiet"
                small
                onClick={() => {
                  setPreferences(preferences.filter((other) => other !== one));
                }}
              >
                leave out
              </Button>
            )}
          </li>
        ))}
      </ol>
      <p className="flex flex-wrap gap-x-5 gap-y-1 border-t border-line py-2">
        {Object.entries(words)
          .filter(([key]) => !preferences.includes(key))
          .map(([key, name]) => (
            <Button
              key={key}
              kind="quiet"
              small
              onClick={() => {
                setPreferences([...preferences, key]);
              }}
            >
              + {name}
            </Button>
          ))}
      </p>
      {preferences.includes('in_order') && (
        <>
          <h2 className="mt-5 text-[12.5px] text-mute">Your suppliers, the one you like best first</h2>
          <ol>
            {suppliers.map((one, n) => (
              <li key={one.id} className="flex items-baseline gap-4 border-t border-line py-2">
                <span className="w-5 text-mute">{n + 1}</span>
                <span className="flex-1 font-medium text-sup">{one.name}</span>
                {n > 0 && (
                  <Button
                    kind="quiet"
                    small
                    onClick={() => {
                      setSuppliers(up(suppliers, n));
                    }}
                  >
                    before that
                  </Button>
                )}
              </li>
            ))}
          </ol>
        </>
      )}
      <TextField
        label="You are asked when a supplier charges more than was expected, by over"
        className="mt-6 max-w-[460px]"
        after="%"
        inputMode="decimal"
        value={band}
        error={errors.dearer}
        hint="Below that the order goes on, and its strip says by how much."
        onChange={(e) => {
          setBand(e.target.value);
        }}
      />
      <Button
        kind="do"
        className="mt-5"
        disabled={!changed}
        onClick={() => {
          router.put(
            route('counter.sharing.say', handle),
            { preferences, suppliers: suppliers.map((one) => one.id), dearer: band },
            { preserveScroll: true },
          );
        }}
      >
        Share them out so
      </Button>
      <h2 className="mt-9 text-[12.5px] text-mute">How each supplier takes its orders</h2>
      <ul>
        {ways.map((one) => (
          <li
            key={one.id}
            className="flex flex-wrap items-baseline gap-x-4 border-t border-line py-2"
            data-way={one.name}
          >
            <span className="w-44 font-medium text-sup">{one.name}</span>
            <span className="flex-1">{one.way}</span>
            <Link
              href={route('counter.by-mail', [handle, one.id])}
              className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
            >
              by mail…
            </Link>
          </li>
        ))}
      </ul>
    </div>
  );
}
