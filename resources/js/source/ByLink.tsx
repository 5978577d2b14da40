import { clsx } from 'clsx';
import { LinkSimpleIcon } from '@phosphor-icons/react';
import { useState } from 'react';
import { send } from '@/lib/http';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import { Button } from '@/ui/Button';
import { Popup, PopupLink } from '@/ui/Popup';
import type { LinkedItemView } from '@/types/source';

/** Fetches one item by the address of its page at a connected supplier. */
export function ByLink({ onFetched }: { onFetched: (item: number) => void }) {
  const handle = useHandle();
  const [open, setOpen] = useState(false);
  const [address, setAddress] = useState('');
  const { busy, trouble, during } = useSend('here');
  const fetchIt = () => {
    void during(
      send<LinkedItemView>('POST', route('source.link', handle), { address }).then(({ item }) => {
        setOpen(false);
        setAddress('');
        onFetched(item);
      }),
    );
  };
  return (
    <Popup
      width={430}
      open={open}
      onOpen={setOpen}
      trigger={<PopupLink mark={<LinkSimpleIcon size={15} aria-hidden />}>Paste a link</PopupLink>}
    >
      <form
        onSubmit={(e) => {
          e.preventDefault();
          fetchIt();
        }}
      >
        <label className="block text-[12.5px] text-mute">
          The address of an item’s page at a supplier of yours
          <input
            value={address}
            autoFocus
            onChange={(e) => {
              setAddress(e.target.value);
            }}
            className={clsx(
              'mt-1 w-full border-b-[1.5px] border-rule bg-transparent py-1 text-[14px] text-ink',
              ' focus:border-you',
            )}
          />
        </label>
        {trouble && (
          <p role="alert" className="mt-2 font-medium text-you">
            {trouble}
          </p>
        )}
        <div className="mt-3 flex justify-end">
          <Button kind="do" type="submit" disabled={busy || address.trim() === ''}>
            {busy ? 'Fetching…' : 'Fetch it'}
          </Button>
        </div>
      </form>
    </Popup>
  );
}
