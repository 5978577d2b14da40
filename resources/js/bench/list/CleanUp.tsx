import { useState } from 'react';
import { count as counted } from '@/lib/plural';
import { Button } from '@/ui/Button';
import { ClosesPopup, Popup } from '@/ui/Popup';

const WAYS = [
  { value: 'sentences', says: 'Cut sentences that aren’t about the thing' },
  { value: 'codes', says: 'Name codes of options in plain words, where it is known what they mean' },
  { value: 'places', says: 'Drop options that only say where it is posted from' },
  { value: 'drafts', says: 'Draft titles, descriptions and search texts where you have said nothing' },
  { value: 'pictures', says: 'Ask again for pictures that didn’t come' },
];

/** What can be cleaned up in all chosen listings at once; it is one step, and can be taken back. */
export function CleanUp({ count, onClean }: { count: number; onClean: (ways: string[]) => void }) {
  const [ways, setWays] = useState(['sentences', 'codes', 'places']);
  const turn = (way: string) => setWays((now) => (now.includes(way) ? now.filter((w) => w !== way) : [...now, way]));
  return (
    <Popup side="top" width={400} trigger={<Button className="text-ink">Clean up…</Button>}>
      <fieldset className="text-ink">
        <legend className="mb-2 font-semibold">In {counted(count, 'listing')} at once</legend>
        {WAYS.map((w) => (
          <label key={w.value} className="flex items-baseline gap-2.5 py-1">
            <input
              type="checkbox"
              checked={ways.includes(w.value)}
              onChange={() => turn(w.value)}
              className="size-4 translate-y-0.5 accent-[#a8431f]"
            />
            {w.says}
          </label>
        ))}
      </fieldset>
      <p className="mt-2 text-[12.5px] text-mute">
        What you wrote yourself stays. All of it can be taken back as one step.
      </p>
      <div className="mt-3 text-right">
        <ClosesPopup>
          <Button kind="do" small disabled={ways.length === 0} onClick={() => onClean(ways)}>
            Clean them up
          </Button>
        </ClosesPopup>
      </div>
    </Popup>
  );
}
