import { usePage } from '@inertiajs/react';
import { useEffect, useState, type ReactNode } from 'react';
import { Toaster, toast } from 'sonner';
import { Awning } from '@/ui/Awning';
import { Palette } from '@/frame/Palette';
import { Peek } from '@/frame/Peek';
import { Rail } from '@/frame/Rail';
import { Shortcuts } from '@/frame/Shortcuts';
import type { SharedPageProps } from '@/lib/useStall';

/** Around every screen: the awning in the stall's own colours, the rail, and the work. */
export function Frame({ children }: { children: ReactNode }) {
  const { frame, say, errors } = usePage<SharedPageProps>().props;
  const trouble = errors.said;
  const [sheet, setSheet] = useState<'palette' | 'keys' | 'peek' | null>(null);

  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const writing =
        e.target instanceof HTMLElement && (e.target.isContentEditable || e.target.matches('input, textarea, select'));
      if ((e.ctrlKey || e.metaKey) && e.key.toLowerCase() === 'k') {
        e.preventDefault();
        setSheet('palette');
      } else if (e.key === '?' && !writing) {
        setSheet('keys');
      } else if (e.key === 'p' && !writing && !e.ctrlKey && !e.metaKey && !e.altKey) {
        setSheet((now) => (now === 'peek' ? null : 'peek'));
      }
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
      <Awning brand={frame?.brand ?? '#2c5a43'} shade={frame?.shade ?? '#f1dfb8'} />
      {frame && <Rail frame={frame} onFind={() => setSheet('palette')} />}
      <main className="flex min-h-0 flex-1 flex-col overflow-auto">
        {trouble && (
          <p role="alert" className="flex-none border-l-4 border-you bg-you-soft px-6 py-2.5 font-medium">
            {trouble}
          </p>
        )}
        {children}
      </main>
      {frame && (
        <Palette frame={frame} open={sheet === 'palette'} onOpen={(open) => setSheet(open ? 'palette' : null)} />
      )}
      {frame?.shopUrl && (
        <Peek shopUrl={frame.shopUrl} open={sheet === 'peek'} onOpen={(open) => setSheet(open ? 'peek' : null)} />
      )}
      <Shortcuts open={sheet === 'keys'} onOpen={(open) => setSheet(open ? 'keys' : null)} />
      <Toaster
        position="bottom-center"
        offset={84}
        toastOptions={{
          style: { background: '#2a2622', color: '#fffdf7', border: 0, fontFamily: 'var(--font-sans)', fontSize: 14 },
        }}
      />
    </div>
  );
}
