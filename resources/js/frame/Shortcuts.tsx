import { router } from '@inertiajs/react';
import { Fragment } from 'react';
import { OTHERS, SINGLE, useSingleKeysOn } from '@/lib/keys';
import { Sheet } from '@/ui/Sheet';

const SINGLES = Object.values(SINGLE);
const PLACES = [...new Set([...SINGLES, ...OTHERS].map((k) => k.where))];

/** Every key that works, by where it works, and the switch for those that act alone. */
export function Shortcuts({ open, onClose }: { open: boolean; onClose: () => void }) {
  const on = useSingleKeysOn();
  const turn = () => {
    router.put(route('you.keys'), { on: !on }, { preserveScroll: true, preserveState: true });
  };
  return (
    <Sheet open={open} title="Keys" onClose={onClose}>
      <label className="mb-2 flex items-baseline gap-2.5">
        <input type="checkbox" checked={on} onChange={turn} className="size-4 translate-y-0.5 accent-[#a8431f]" />
        <span>
          Keys of one letter or sign
          <span className="block text-[13px] text-mute">
            Off, they do nothing: for those who speak to their machine, or whose hands rest on the keys.
          </span>
        </span>
      </label>
      {PLACES.map((place) => (
        <Fragment key={place}>
          <h3 className="name mt-5 mb-1 text-[16px]">{place}</h3>
          <dl>
            {SINGLES.filter((k) => k.where === place).map((k) => (
              <Row key={k.key} press={k.key} does={k.does} off={!on} />
            ))}
            {OTHERS.filter((k) => k.where === place).map((k) => (
              <Row key={k.key + k.does} press={k.key} does={k.does} off={false} />
            ))}
          </dl>
        </Fragment>
      ))}
    </Sheet>
  );
}

function Row({ press, does, off }: { press: string; does: string; off: boolean }) {
  return (
    <div className="flex items-baseline gap-4 border-t border-line py-1.5">
      <dt className="w-40 flex-none">
        <kbd className={off ? 'text-mute line-through' : 'font-semibold'}>{press}</kbd>
      </dt>
      <dd className={off ? 'text-mute' : undefined}>{does}</dd>
    </div>
  );
}
