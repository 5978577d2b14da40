import { router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useState } from 'react';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { GroupView } from '@/types/drift';

/** Along the foot: what the group in hand comes to, and the last thing decided, to be taken back. */
export function DriftStrip({
  group,
  undo,
  undoWords,
}: {
  group: GroupView | null;
  undo: number | null;
  undoWords: string;
}) {
  const handle = useHandle();
  const [trouble, setTrouble] = useState('');
  const takeBack = (change: number) => {
    send('POST', route('bench.undo', [handle, change]))
      .then(() => {
        setTrouble('');
        router.reload();
      })
      .catch((e: unknown) => {
        setTrouble(words(e));
      });
  };
  return (
    <footer
      className={clsx(
        'flex min-h-[64px] flex-none items-center gap-x-10 gap-y-1 bg-till px-6 py-2.5 text-till-ink',
        'max-md:flex-wrap max-md:gap-x-6',
      )}
      aria-label="What it comes to"
    >
      {group && group.prices !== '' && <Part label="if you agree">{group.prices}</Part>}
      {group && group.keeps !== '' && <Part label="you keep a sale, on the average">{group.keeps}</Part>}
      {group && group.month !== '' && <Part label={`on last month’s ${String(group.pieces)} sold`}>{group.month}</Part>}
      {group && group.prices === '' && group.keeps === '' && (
        <span className="text-till-mute">No price moves by it.</span>
      )}
      {!group && <span className="text-till-mute">Open a group to see what it comes to.</span>}
      {undo !== null && (
        <div className="ml-auto text-right">
          <div className="text-[11.5px] text-till-mute">just done</div>
          <div>
            {undoWords}{' '}
            <button
              type="button"
              className="font-semibold underline underline-offset-4"
              onClick={() => {
                takeBack(undo);
              }}
            >
              take it back
            </button>
            {trouble !== '' && (
              <p role="alert" className="text-[12.5px]">
                {trouble}
              </p>
            )}
          </div>
        </div>
      )}
    </footer>
  );
}

const Part = ({ label, children }: { label: string; children: string }) => (
  <div>
    <div className="text-[11.5px] text-till-mute">{label}</div>
    <div className="name text-[17px]">{children}</div>
  </div>
);
