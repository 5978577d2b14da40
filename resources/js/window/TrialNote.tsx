import type { HalvesView } from '@/types/window';
import { keepHalf, type Copy } from '@/window/copy';

interface Props {
  trial: HalvesView | null;
  copy: Copy;
  onChange: (next: Copy, what: string) => void;
}

const KEEP = 'font-semibold text-you underline underline-offset-4';

/** What comes of showing two versions to halves of the shoppers, and how to end it. */
export function TrialNote({ trial, copy, onChange }: Props) {
  const halved = copy.sections.some((s) => s.showing.half !== '');
  if (!trial && !halved) return null;
  return (
    <div
      role="status"
      className="mx-6 mb-2 flex flex-none flex-wrap items-baseline gap-x-4 gap-y-1 border-l-4 border-ochre bg-sheet px-3 py-2"
      data-trial={trial?.verdict ?? 'to-come'}
    >
      <p className="max-w-[110ch] min-w-0 flex-1">
        {trial
          ? trial.words.join(' ')
          : 'Two versions lie here, each for half of your shoppers. Once they are published, what each brings stands here.'}
      </p>
      {halved && (
        <span className="flex gap-4 whitespace-nowrap">
          <button type="button" className={KEEP} onClick={() => onChange(keepHalf(copy, 'first'), 'keep the first')}>
            Keep the first
          </button>
          <button type="button" className={KEEP} onClick={() => onChange(keepHalf(copy, 'second'), 'keep the second')}>
            Keep the second
          </button>
        </span>
      )}
    </div>
  );
}
