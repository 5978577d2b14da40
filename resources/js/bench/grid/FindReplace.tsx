import { useState } from 'react';
import type { Field } from '@/bench/grid/columns';
import { Button } from '@/ui/Button';
import { ClosesPopup, Popup } from '@/ui/Popup';

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
  const line = 'w-full border-b-[1.5px] border-rule bg-transparent py-1 text-[14px] text-ink focus:border-you';
  return (
    <Popup side="top" width={340} trigger={<Button className="text-ink">Find and replace</Button>}>
      <div className="space-y-3">
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
        <ClosesPopup>
          <Button kind="do" disabled={find === ''} onClick={() => onReplace(field, find, instead)}>
            Replace
          </Button>
        </ClosesPopup>
      </div>
    </Popup>
  );
}
