import { Popover } from 'radix-ui';
import { useState } from 'react';
import { Button } from '@/ui/Button';

/** Adds tags to everything chosen, or takes them off. */
export function TagsForMany({ known, onTags }: { known: string[]; onTags: (add: string[], remove: string[]) => void }) {
  const [typed, setTyped] = useState('');
  const tags = typed
    .split(',')
    .map((t) => t.trim())
    .filter((t) => t !== '');
  return (
    <Popover.Root>
      <Popover.Trigger asChild>
        <Button className="text-ink">Tags</Button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="top"
          align="end"
          sideOffset={8}
          className="z-40 w-[320px] rounded-lg border border-line bg-sheet px-5 py-4 shadow-xl shadow-black/10"
        >
          <label className="block text-[12.5px] text-mute">
            Tags, parted by commas
            <input
              value={typed}
              data-tags
              list="known-tags"
              onChange={(e) => setTyped(e.target.value)}
              className="w-full border-b-[1.5px] border-rule bg-transparent py-1 text-[14px] text-ink outline-none focus:border-you"
            />
            <datalist id="known-tags">
              {known.map((t) => (
                <option key={t} value={t} />
              ))}
            </datalist>
          </label>
          <div className="mt-3 flex gap-2">
            <Popover.Close asChild>
              <Button kind="do" disabled={tags.length === 0} onClick={() => onTags(tags, [])}>
                Add
              </Button>
            </Popover.Close>
            <Popover.Close asChild>
              <Button disabled={tags.length === 0} onClick={() => onTags([], tags)}>
                Take off
              </Button>
            </Popover.Close>
          </div>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
