import { useState } from 'react';
import { send } from '@/lib/http';
import { count } from '@/lib/plural';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { ArtworkView } from '@/types/print';
import type { RunView } from '@/types/runs';
import { Button } from '@/ui/Button';

interface Props {
  artwork: ArtworkView;
  onRun: () => void;
}

/** Where older versions still lie; this one is laid there in one go, and goods are made anew. */
export function Behind({ artwork, onRun }: Props) {
  const handle = useHandle();
  const [left, setLeft] = useState<number[]>([]);
  const chosen = artwork.behind.filter((one) => !left.includes(one.id));
  const made = chosen.filter((one) => one.made).length;
  return (
    <div className="basis-full border-l-[3px] border-ochre pl-3" data-behind>
      <p>
        An older version still lies on {count(artwork.behind.length, 'blank')}
        {made > 0 && '; the goods made of them get new pictures, and are printed so from then on'}.
      </p>
      <p className="flex flex-wrap items-center gap-x-5 gap-y-1">
        {artwork.behind.map((one) => (
          <label key={one.id} className="inline-flex items-center gap-1.5">
            <input
              type="checkbox"
              className="size-3.5 accent-[#a8431f]"
              checked={!left.includes(one.id)}
              onChange={() => setLeft(left.includes(one.id) ? left.filter((id) => id !== one.id) : [...left, one.id])}
            />
            {one.name}
            {one.made && <span className="text-mute">(on sale or on the bench)</span>}
          </label>
        ))}
        <Button
          small
          disabled={chosen.length === 0}
          onClick={() => {
            send<RunView>('POST', route('print.artwork.follow', [handle, artwork.id]), {
              placings: chosen.map((one) => one.id),
            })
              .then(onRun)
              .catch(sayTrouble);
          }}
        >
          {chosen.length === 1 ? 'Lay this one there' : `Lay this one on all ${String(chosen.length)}`}
        </Button>
      </p>
    </div>
  );
}
