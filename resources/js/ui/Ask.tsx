import { clsx } from 'clsx';
import { AlertDialog } from 'radix-ui';
import type { ReactNode } from 'react';
import { Button } from '@/ui/Button';

interface Props {
  button: string;
  title: string;
  /** What will be lost. */
  children: ReactNode;
  yes: string;
  onYes: () => void;
}

/** A button for what can't be undone: it asks first and says what will be lost. */
export function Ask({ button, title, children, yes, onYes }: Props) {
  return (
    <AlertDialog.Root>
      <AlertDialog.Trigger asChild>
        <Button>{button}</Button>
      </AlertDialog.Trigger>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-40 bg-ink/25" />
        <AlertDialog.Content
          className={clsx(
            'fixed top-[24vh] left-1/2 z-50 w-[440px] -translate-x-1/2 rounded-xl border border-line',
            'bg-sheet px-6 py-5 shadow-2xl shadow-black/20',
          )}
        >
          <AlertDialog.Title className="name text-[20px]">{title}</AlertDialog.Title>
          <AlertDialog.Description className="mt-2 mb-5 text-mute">{children}</AlertDialog.Description>
          <div className="flex justify-end gap-3">
            <AlertDialog.Cancel asChild>
              <Button>Leave it</Button>
            </AlertDialog.Cancel>
            <AlertDialog.Action asChild>
              <Button kind="do" onClick={onYes}>
                {yes}
              </Button>
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
