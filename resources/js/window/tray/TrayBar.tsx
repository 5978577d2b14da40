import { clsx } from 'clsx';
import type { ReactNode } from 'react';

interface Props {
  open: string | null;
  onClose: () => void;
  drawer: ReactNode;
  children: ReactNode;
}

/** The bar along the bottom; what is pulled out of it opens upward. */
export function TrayBar({ open, onClose, drawer, children }: Props) {
  return (
    <div className="relative flex-none" data-tray>
      {open && (
        <section
          aria-label={`Drawer: ${open}`}
          className={clsx(
            'absolute inset-x-0 bottom-full z-30 max-h-[62vh] overflow-auto border-t-2 border-till',
            'bg-sheet px-6 py-5 shadow-[0_-14px_40px_rgb(0_0_0/0.14)]',
          )}
          onKeyDown={(e) => {
            if (e.key === 'Escape') onClose();
          }}
        >
          {drawer}
        </section>
      )}
      <div className="flex items-stretch gap-1 overflow-x-auto bg-till px-5 text-[#f3ead9]">{children}</div>
    </div>
  );
}
