import { router } from '@inertiajs/react';
import { TrialFigures } from '@/pricing/TrialFigures';
import type { TrialFiguresView, TrialView } from '@/types/pricing';

interface Props {
  figures: TrialFiguresView | null;
  handle: string;
  trial: TrialView;
  busy: boolean;
}

/** What the trial came to, how far it is, or that nothing was tried. */
export function TrialOutcome({ figures, handle, trial, busy }: Props) {
  return (
    <>
      {figures ? (
        <TrialFigures
          figures={figures}
          onLook={(variant) => router.get(route('pricing', { stall: handle, q: variant }))}
        />
      ) : trial.id !== null || busy ? (
        <div className="flex items-center gap-4">
          <progress
            className="h-2 w-40 text-sup"
            aria-label="Trying it on every variant"
            {...(trial.tried === 0 ? {} : { value: trial.tried, max: trial.variants })}
          />
          <span role="status" className="text-mute">
            {trial.tried === 0
              ? 'Pricing every variant…'
              : `${trial.tried.toLocaleString('en')} of ${trial.variants.toLocaleString('en')} variants tried`}
          </span>
        </div>
      ) : (
        <div className="max-w-[52ch]">
          <h2 className="name text-[19px]">Nothing tried yet</h2>
          <p className="mt-1 text-mute">
            Say that a supplier gets 10% dearer, or change a recipe’s factor on the left: how many prices move, the
            biggest moves, who falls under the floor and what you would have kept on last month’s sales stands here
            then.
          </p>
        </div>
      )}
    </>
  );
}
