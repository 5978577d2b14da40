import { clsx } from 'clsx';
import { useState } from 'react';
import { useFrame } from '@/lib/useStall';
import { Button } from '@/ui/Button';
import { Popup } from '@/ui/Popup';

/** Publishing set for a day and an hour, by the stall’s clock. */
export function PublishLater({ onSet }: { onSet: (at: string) => Promise<boolean> }) {
  const [open, setOpen] = useState(false);
  const [at, setAt] = useState('');
  const clock = useFrame()?.clock ?? 'UTC';
  return (
    <Popup
      open={open}
      onOpen={setOpen}
      width={300}
      trigger={
        <button type="button" className="underline decoration-line underline-offset-4 hover:text-ink">
          Publish later
        </button>
      }
    >
      <label className="block text-[13px] text-mute">
        Goes out at, by the clock of {clock}
        <input
          type="datetime-local"
          value={at}
          onChange={(e) => {
            setAt(e.target.value);
          }}
          className={clsx(
            'mt-1 block w-full border-b-[1.5px] border-rule bg-transparent py-1 text-[15px] text-ink',
            ' focus:border-you',
          )}
        />
      </label>
      <p className="mt-2 text-[12.5px] text-mute">
        What the page is now goes out then, whole. You can go on dressing it meanwhile.
      </p>
      <Button
        className="mt-3"
        disabled={at === ''}
        onClick={() => {
          void onSet(at).then((ok) => {
            if (ok) setOpen(false);
          });
        }}
      >
        Set it
      </Button>
    </Popup>
  );
}
