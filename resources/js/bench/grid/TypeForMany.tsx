import { useState } from 'react';
import { Button } from '@/ui/Button';
import { ClosesPopup, Popup } from '@/ui/Popup';

/** Gives everything chosen one type, or takes it off. */
export function TypeForMany({ known, onType }: { known: string[]; onType: (type: string) => void }) {
  const [typed, setTyped] = useState('');
  return (
    <Popup side="top" width={320} trigger={<Button className="text-ink">Type</Button>}>
      <label className="block text-[12.5px] text-mute">
        What they are
        <input
          value={typed}
          maxLength={60}
          list="known-types"
          data-type
          onChange={(e) => setTyped(e.target.value)}
          className="w-full border-b-[1.5px] border-rule bg-transparent py-1 text-[14px] text-ink focus:border-you"
        />
        <datalist id="known-types">
          {known.map((t) => (
            <option key={t} value={t} />
          ))}
        </datalist>
      </label>
      <div className="mt-3 flex gap-2">
        <ClosesPopup>
          <Button kind="do" disabled={typed.trim() === ''} onClick={() => onType(typed.trim())}>
            They are that
          </Button>
        </ClosesPopup>
        <ClosesPopup>
          <Button onClick={() => onType('')}>Of no type</Button>
        </ClosesPopup>
      </div>
    </Popup>
  );
}
