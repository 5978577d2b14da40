import { router } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { useUndo } from '@/bench/useUndo';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { JoinedView, ListingRowView } from '@/types/bench';
import { Button } from '@/ui/Button';
import { Thumb } from '@/ui/Thumb';
import { Sheet } from '@/ui/Sheet';

/** Joins the chosen listings into one; the seller says what tells them apart. */
export function JoinSheet({
  listings,
  open,
  onClose,
}: {
  listings: ListingRowView[];
  open: boolean;
  onClose: () => void;
}) {
  const handle = useHandle();
  const undo = useUndo(() => router.visit(route('bench', handle)));
  const [option, setOption] = useState('Kind');
  const [values, setValues] = useState<Record<number, string>>({});
  const ids = listings.map((l) => l.id).join();
  useEffect(() => {
    setValues(Object.fromEntries(listings.map((l) => [l.id, l.title.slice(0, 60)])));
    // The list of ids says it all.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [ids]);
  const join = () => {
    send<JoinedView>('POST', route('bench.join', handle), {
      listings: listings.map((l) => l.id),
      option,
      values,
    })
      .then((done) => {
        undo(done.change, `${String(listings.length)} listings are one.`);
        router.visit(route('bench.listing', [handle, done.listing]));
      })
      .catch(sayTrouble);
  };
  const line = 'w-full border-b-[1.5px] border-rule bg-transparent py-1 text-[15px] focus:border-you';
  return (
    <Sheet
      open={open}
      title={`Join ${String(listings.length)} listings into one`}
      onClose={onClose}
      foot={
        <Button kind="do" onClick={join}>
          Join them
        </Button>
      }
    >
      <p className="mb-4 text-mute">
        Their variants come together under “{listings[0]?.title}”, which keeps its words and pictures. Each variant
        keeps its link to its supplier.
      </p>
      <label className="mb-5 block text-[12.5px] text-mute">
        What tells them apart is called
        <input
          value={option}
          data-join-option
          onChange={(e) => setOption(e.target.value)}
          className={`${line} font-semibold`}
        />
      </label>
      {listings.map((l) => (
        <label key={l.id} className="mb-3 flex items-center gap-3">
          <Thumb src={l.picture} size={40} />
          <span className="w-56 truncate text-mute" title={l.title}>
            {l.title}
          </span>
          <input
            aria-label={`What ${l.title} is called among them`}
            value={values[l.id] ?? ''}
            maxLength={60}
            onChange={(e) => setValues({ ...values, [l.id]: e.target.value })}
            className={line}
          />
        </label>
      ))}
    </Sheet>
  );
}
