import { Popover } from 'radix-ui';
import { useState } from 'react';
import type { Field } from '@/bench/GridPage';
import { Button } from '@/ui/Button';

/** Replaces words in a column of everything chosen. */
export function FindReplace({
  columns,
  onReplace,
}: {
  columns: { key: Field; name: string }[];
  onReplace: (field: Field, find: string, instead: string) => void;
}) {
  const [field, setField] = useState<Field>('title');
  const [find, setFind] = useState('');
  const [instead, setInstead] = useState('');
  const line = 'w-full border-b-[1.5px] border-rule bg-transparent py-1 text-[14px] text-ink outline-none focus:border-you';
  return (
    <Popover.Root>
      <Popover.Trigger asChild>
        <Button className="text-ink">Find and replace</Button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="top"
          align="end"
          sideOffset={8}
          className="z-40 w-[340px] space-y-3 rounded-lg border border-line bg-sheet px-5 py-4 shadow-xl shadow-black/10"
        >
          <label className="block text-[12.5px] text-mute">
            In
            <select value={field} onChange={(e) => setField(e.target.value as Field)} className={line}>
              {columns.map((c) => (
                <option key={c.key} value={c.key}>
                  {c.name}
                </option>
              ))}
            </select>
          </label>
          <label className="block text-[12.5px] text-mute">
            find
            <input value={find} data-find onChange={(e) => setFind(e.target.value)} className={line} />
          </label>
          <label className="block text-[12.5px] text-mute">
            and put instead
            <input value={instead} data-instead onChange={(e) => setInstead(e.target.value)} className={line} />
          </label>
          <Popover.Close asChild>
            <Button kind="do" disabled={find === ''} onClick={() => onReplace(field, find, instead)}>
              Replace
            </Button>
          </Popover.Close>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
