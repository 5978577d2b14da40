import { usePage } from '@inertiajs/react';
import { useEffect, useState, type ReactNode } from 'react';
import { Toaster, toast } from 'sonner';
import { clsx } from 'clsx';
import { Awning } from '@/ui/Awning';
import { NextStep } from '@/opening/NextStep';
import { Palette } from '@/frame/Palette';
import { Peek } from '@/frame/Peek';
import { Rail } from '@/frame/Rail';
import { LastDone } from '@/frame/LastDone';
import { useFocusKept } from '@/frame/useFocusKept';
import { useHeadingFocus } from '@/frame/useHeadingFocus';
import { isNarrow } from '@/lib/narrow';
import { useSingleKeys } from '@/lib/keys';
import { Shortcuts } from '@/frame/Shortcuts';
import type { SharedPageProps } from '@/lib/useStall';

/** Around every screen: the awning in the stall's own colours, the rail, and the work. */
export function Frame({ children }: { children: ReactNode }) {
  const { frame, say, errors } = usePage<SharedPageProps>().props;
  const trouble = errors.said;
  const [sheet, setSheet] = useState<'palette' | 'keys' | 'peek' | null>(null);

  useHeadingFocus();
  useFocusKept();
  useSingleKeys(
    {
      sheet: () => setSheet('keys'),
      peek: () => setSheet((now) => (now === 'peek' ? null : 'peek')),
    },
    true,
  );
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (!(e.ctrlKey || e.metaKey) || e.key.toLowerCase() !== 'k') return;
      e.preventDefault();
      setSheet('palette');
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);

  useEffect(() => {
    if (say) toast(say);
  }, [say]);

  return (
    <div
      className="flex h-screen flex-col overflow-hidden"
      style={{ '--stall-brand': frame?.brand ?? '#2c5a43' } as React.CSSProperties}
    >
      <a
        href="#work"
        className={clsx(
          'absolute top-0 left-1/2 z-50 -translate-x-1/2 -translate-y-full rounded-b-md bg-till px-4 py-2 font-semibold',
          'text-sheet focus:translate-y-0',
        )}
      >
        To the work
      </a>
      <Awning brand={frame?.brand ?? '#2c5a43'} shade={frame?.shade ?? '#f1dfb8'} />
      {frame && <Rail frame={frame} onFind={() => setSheet('palette')} onKeys={() => setSheet('keys')} />}
      {frame?.next && <NextStep next={frame.next} />}
      <main id="work" tabIndex={-1} className="flex min-h-0 flex-1 flex-col overflow-auto ">
        {trouble && (
          <p role="alert" className="flex-none border-l-4 border-you bg-you-soft px-6 py-2.5 font-medium">
            {trouble}
          </p>
        )}
        {children}
      </main>
      <LastDone />
      {frame && (
        <Palette frame={frame} open={sheet === 'palette'} onOpen={(open) => setSheet(open ? 'palette' : null)} />
      )}
      {frame?.shopUrl && (
        <Peek shopUrl={frame.shopUrl} open={sheet === 'peek'} onOpen={(open) => setSheet(open ? 'peek' : null)} />
      )}
      {frame && <Shortcuts open={sheet === 'keys'} onClose={() => setSheet(null)} />}
      <Toaster
        offset={84}
        // On a phone over the head: at the foot lies what is decided with.
        position={isNarrow() ? 'top-center' : 'bottom-center'}
        mobileOffset={{ top: 92 }}
        toastOptions={{
          style: { background: '#2a2622', color: '#fffdf7', border: 0, fontFamily: 'var(--font-sans)', fontSize: 14 },
        }}
      />
    </div>
  );
}
