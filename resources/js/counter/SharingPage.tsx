import { Head, Link, router, usePage } from '@inertiajs/react';
import { useState } from 'react';
import { Preferences } from '@/counter/sharing/Preferences';
import { SupplierOrder } from '@/counter/sharing/SupplierOrder';
import { TakesOrders } from '@/counter/sharing/TakesOrders';
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
      <Preferences preferences={preferences} words={words} setPreferences={setPreferences} up={up} />
      {preferences.includes('in_order') && <SupplierOrder suppliers={suppliers} setSuppliers={setSuppliers} up={up} />}
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
      <TakesOrders ways={ways} handle={handle} />
    </div>
  );
}
