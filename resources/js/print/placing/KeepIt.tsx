import { router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useHandle } from '@/lib/useStall';
import { useTyped } from '@/lib/useTyped';
import type { PlacingView } from '@/types/print';
import { BLANK } from '@/ui/blank';

/** Under which name this placing is kept, so that others are laid like it. */
export function KeepIt({ view }: { view: PlacingView }) {
  const handle = useHandle();
  const typed = useTyped(
    view.keptAs ?? '',
    (name) => {
      router.put(
        route('print.placing.keep', [handle, view.id]),
        { name },
        { preserveScroll: true, preserveState: true },
      );
      return Promise.resolve(true);
    },
    { trimmed: true },
  );
  return (
    <p className="mt-4 text-[15.5px]">
      Kept as{' '}
      <input
        aria-label="Kept as"
        placeholder="nothing yet: give it a name, and lay others like it"
        maxLength={80}
        className={clsx(BLANK, 'w-[24em] max-w-full')}
        {...typed.field}
      />
    </p>
  );
}
