import { clsx } from 'clsx';
import { Popover } from 'radix-ui';
import { useId, type ReactNode } from 'react';

interface Props {
  /** What opens it: one element that takes a press. */
  trigger: ReactNode;
  width: number;
  children: ReactNode;
  side?: 'top' | 'bottom';
  align?: 'start' | 'end';
  open?: boolean;
  onOpen?: (open: boolean) => void;
}

/** A small sheet beside what opened it. */
export function Popup({ trigger, width, children, side = 'bottom', align = 'end', ...state }: Props) {
  const name = useId();
  const controlled = state.open === undefined ? {} : { open: state.open };
  return (
    <Popover.Root {...controlled} onOpenChange={(open) => state.onOpen?.(open)}>
      <Popover.Trigger asChild id={name}>
        {trigger}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-labelledby={name}
          data-popup
          side={side}
          align={align}
          sideOffset={7}
          collisionPadding={12}
          style={{ width }}
          className={clsx(
            'z-40 max-h-(--radix-popover-content-available-height) overflow-auto rounded-lg border border-line',
            'bg-sheet px-5 py-4 shadow-xl shadow-black/10',
          )}
        >
          {children}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** Closes the popup it stands in when pressed. */
export const ClosesPopup = ({ children }: { children: ReactNode }) => <Popover.Close asChild>{children}</Popover.Close>;

/** The quiet link, with its mark, that opens a popup from a toolbar. */
export function PopupLink({ mark, children, ...rest }: { mark: ReactNode; children: ReactNode }) {
  return (
    <button
      type="button"
      className="inline-flex items-center gap-1.5 text-mute underline decoration-line underline-offset-4 hover:text-ink"
      {...rest}
    >
      {mark}
      {children}
    </button>
  );
}
