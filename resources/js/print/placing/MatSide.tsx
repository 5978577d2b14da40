import type { Dispatch, SetStateAction } from 'react';
import { Mat } from '@/print/placing/Mat';
import type { Draft } from '@/print/placing/units';
import type { PlacingAreaView, PlacingView } from '@/types/print';

interface Props {
  view: PlacingView;
  draft: Draft;
  area: PlacingAreaView;
  at: number;
  shown: string;
  setAt: Dispatch<SetStateAction<number>>;
  change: (next: Draft) => void;
  onArea: (code: string) => void;
}

/** The mat, and which area of the blank it shows. */
export function MatSide({ view, draft, area, at, shown, setAt, change, onArea }: Props) {
  return (
    <div className="self-start border border-line">
      <Mat view={view} draft={draft} area={area} at={at} cloth={shown} onAt={setAt} onChange={change} />
      <p className="flex flex-wrap items-baseline gap-x-3 bg-sheet px-3 py-2 text-[13px] text-mute">
        <span>drag it, or arrows 1 mm, Shift 10 mm ·</span>
        {view.areas.map((a) => (
          <button
            key={a.code}
            type="button"
            aria-pressed={a.code === area.code}
            onClick={() => onArea(a.code)}
            className={a.code === area.code ? 'font-semibold text-ink' : 'underline decoration-line underline-offset-4'}
          >
            {a.name.toLowerCase()}
          </button>
        ))}
      </p>
    </div>
  );
}
