import { clsx } from 'clsx';
import { Dialog } from 'radix-ui';
import { useEffect, useState } from 'react';
import { PhoneFrame } from '@/ui/PhoneFrame';
import { VoiceMark } from '@/ui/Voices';
import { useFocusBack } from '@/ui/focusBack';

/** The shopper's phone, brought in from the right by one key: the published shop as it stands at this moment. */
export function Peek({ shopUrl, open, onOpen }: { shopUrl: string; open: boolean; onOpen: (open: boolean) => void }) {
  const [stamp, setStamp] = useState(0);
  // Whatever was published since the last look shows.
  useEffect(() => {
    if (open) setStamp(Date.now());
  }, [open]);
  const focus = useFocusBack();
  return (
    <Dialog.Root open={open} onOpenChange={onOpen} modal={false}>
      <Dialog.Portal>
        <Dialog.Content
          {...focus}
          aria-describedby={undefined}
          onInteractOutside={(e) => e.preventDefault()}
          className={clsx(
            'fixed top-[68px] right-0 bottom-0 z-30 flex w-[420px] flex-col border-l border-line',
            'bg-[#ece4d2] px-5 pt-4 shadow-2xl shadow-black/20',
          )}
        >
          <div className="mb-3 flex items-center">
            <Dialog.Title className="font-semibold text-see">
              <VoiceMark voice="see" /> Shopper sees
            </Dialog.Title>
            <Dialog.Close className="ml-auto text-mute underline decoration-rule/50 underline-offset-4 hover:text-ink">
              Put it away
            </Dialog.Close>
          </div>
          <PhoneFrame src={shopUrl} stamp={stamp} title="The shop on the shopper’s phone" width={352} />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
