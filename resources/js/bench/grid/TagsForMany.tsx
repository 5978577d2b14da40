import { clsx } from 'clsx';
import { useState } from 'react';
import { Button } from '@/ui/Button';
import { ClosesPopup, Popup } from '@/ui/Popup';

/** Adds tags to everything chosen, or takes them off. */
export function TagsForMany({ known, onTags }: { known: string[]; onTags: (add: string[], remove: string[]) => void }) {
  const [typed, setTyped] = useState('');
  const tags = typed
    .split(',')
    .map((t) => t.trim())
    .filter((t) => t !== '');
  return (
    <Popup side="top" width={320} trigger={<Button className="text-ink">Tags</Button>}>
      <label className="block text-[12.5px] text-mute">
        Tags, parted by commas
        <input
          value={typed}
          data-tags
          list="known-tags"
          onChange={(e) => setTyped(e.target.value)}
          className={clsx(
            'w-full border-b-[1.5px] border-rule bg-transparent py-1 text-[14px] text-ink ',
            'focus:border-you',
          )}
        />
        <datalist id="known-tags">
          {known.map((t) => (
            <option key={t} value={t} />
          ))}
        </datalist>
      </label>
      <div className="mt-3 flex gap-2">
        <ClosesPopup>
          <Button kind="do" disabled={tags.length === 0} onClick={() => onTags(tags, [])}>
            Add
          </Button>
        </ClosesPopup>
        <ClosesPopup>
          <Button disabled={tags.length === 0} onClick={() => onTags([], tags)}>
            Take off
          </Button>
        </ClosesPopup>
      </div>
    </Popup>
  );
}
