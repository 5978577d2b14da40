import { clsx } from 'clsx';
import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';
import { useFocusBack } from '@/ui/focusBack';

interface Props {
  open: boolean;
  title: string;
  onClose: () => void;
  children: ReactNode;
  /** The one next step, always in view. */
  foot?: ReactNode;
  wide?: boolean;
}

/** A sheet that slides in beside the work. */
export function Sheet({ open, title, onClose, children, foot, wide = false }: Props) {
  const focus = useFocusBack();
  return (
    <Dialog.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-ink/15" />
        <Dialog.Content
          {...focus}
          aria-describedby={undefined}
          className={clsx(
            'fixed inset-y-0 right-0 z-40 flex max-w-[94vw] flex-col',
            'border-l border-line bg-sheet shadow-2xl shadow-black/15',
            wide ? 'w-[860px]' : 'w-[600px]',
          )}
        >
          <div className="flex items-start gap-4 px-7 pt-6 pb-3">
            <Dialog.Title className="name flex-1 text-[21px]">{title}</Dialog.Title>
            <Dialog.Close className="text-mute underline decoration-line underline-offset-4 hover:text-ink">
              Close
            </Dialog.Close>
          </div>
          <div className="min-h-0 flex-1 overflow-auto px-7 pb-6">{children}</div>
          {foot && <div className="flex items-center gap-4 border-t border-line px-7 py-3.5">{foot}</div>}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
