import { Head } from '@inertiajs/react';
import { useState } from 'react';
import { useHandle } from '@/lib/useStall';
import { AsidePull } from '@/drift/AsidePull';
import { DeskGroup } from '@/drift/DeskGroup';
import { DriftStrip } from '@/drift/DriftStrip';
import { LookFor } from '@/drift/LookFor';
import { QuietOnes } from '@/drift/QuietOnes';
import { RulesSheet } from '@/drift/RulesSheet';
import type { DeskView, LineView } from '@/types/drift';

interface Props {
  desk: DeskView;
  open: string;
  lines: LineView[];
  next: string | null;
}

/**
 * The drift desk: what suppliers changed, grouped by what happened, each with its money, and what is decided about it.
 */
export default function DriftPage({ desk, open, lines, next }: Props) {
  const handle = useHandle();
  const [rules, setRules] = useState(false);
  const looking: Record<string, string> = {
    ...(desk.words === '' ? {} : { q: desk.words }),
    ...(desk.underFloor ? { floor: '1' } : {}),
  };
  const inHand = desk.groups.find((g) => g.key === open) ?? null;
  return (
    <div className="flex min-h-0 flex-1 flex-col" data-desk={desk.groups.length}>
      <Head title="Drift" />
      <div className="min-h-0 flex-1 overflow-auto">
        <header className="px-6 pt-4 pb-3.5">
          <h1 className="name max-w-[980px] text-[21px] leading-snug">
            {desk.headline}{' '}
            <button
              type="button"
              className="font-[inherit] underline decoration-rule decoration-2 underline-offset-4 hover:text-you"
              onClick={() => {
                setRules(true);
              }}
            >
              Your rules
            </button>
          </h1>
          <LookFor words={desk.words} underFloor={desk.underFloor} />
        </header>
        {desk.aside.map((aside) => (
          <AsidePull key={aside.run} aside={aside} handle={handle} />
        ))}
        {desk.groups.map((group) => (
          <DeskGroup
            key={group.key}
            group={group}
            open={group.key === open}
            lines={group.key === open ? lines : []}
            next={next}
            looking={looking}
          />
        ))}
        {desk.groups.length === 0 && Object.keys(looking).length > 0 && (
          <p className="border-t border-line px-6 py-5 text-mute">Nothing of that asks you.</p>
        )}
        {desk.groups.length === 0 && desk.aside.length === 0 && Object.keys(looking).length === 0 && (
          <p className="border-t border-line px-6 py-5 text-mute">
            Nothing asks you. When a supplier changes something that your rules don’t settle, it stands here: before,
            after, and what it does to your price. Your own words are never overwritten.
          </p>
        )}
        <QuietOnes count={desk.quiet} open={open === 'quiet'} lines={open === 'quiet' ? lines : []} next={next} />
      </div>
      <DriftStrip group={inHand} undo={desk.undo} undoWords={desk.undoWords} />
      <RulesSheet
        open={rules}
        onClose={() => {
          setRules(false);
        }}
      />
    </div>
  );
}
