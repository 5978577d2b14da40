import { useEffect, useState } from 'react';
import { send } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { DrawnGroundView } from '@/types/window';

/** Drawings to begin with, in the look's own tones; one that is pressed becomes a picture like any other. */
export function DrawnGrounds({ busy, onDraw }: { busy: boolean; onDraw: (key: string) => void }) {
  const handle = useHandle();
  const [grounds, setGrounds] = useState<DrawnGroundView[]>([]);
  useEffect(() => {
    void send<DrawnGroundView[]>('GET', route('window.grounds', handle)).then(setGrounds);
  }, [handle]);
  return (
    <section aria-label="Drawn grounds" className="mt-6">
      <h3 className="mb-1.5 text-[12.5px] text-mute">Or one drawn in your look’s tones</h3>
      <div className="grid grid-cols-3 gap-2">
        {grounds.map((ground) => (
          <button
            key={ground.key}
            type="button"
            disabled={busy}
            aria-label={`Take ${ground.words}`}
            title={ground.words}
            onClick={() => {
              onDraw(ground.key);
            }}
            className="overflow-hidden rounded border border-line hover:border-rule disabled:opacity-60"
          >
            <img src={ground.picture} alt="" className="block aspect-[16/10] w-full object-cover" />
          </button>
        ))}
      </div>
    </section>
  );
}
