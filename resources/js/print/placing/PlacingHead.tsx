import { Link } from '@inertiajs/react';
import type { PlacingView } from '@/types/print';
import { Button } from '@/ui/Button';

interface Props {
  view: PlacingView;
  handle: string;
  back: (() => void) | null;
  saving: boolean;
  make: () => Promise<void>;
}

/** What lies on which blank, and the next step. */
export function PlacingHead({ view, handle, back, saving, make }: Props) {
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
      <h1 className="name text-[24px]">{view.name}</h1>
      <p className="min-w-60 flex-1 text-mute">
        <span className="text-sup">{view.supplier}</span> ·{' '}
        <Link href={route('print', handle)} className="underline decoration-line underline-offset-4">
          all artwork and blanks
        </Link>
        {back && (
          <>
            {' · '}
            <button type="button" className="underline decoration-line underline-offset-4" onClick={back}>
              take the last step back
            </button>
          </>
        )}
      </p>
      {view.listing !== null && (
        <Link href={route('bench.listing', [handle, view.listing])} className="text-you underline underline-offset-4">
          Its listing
        </Link>
      )}
      <Button
        kind="do"
        data-make
        disabled={saving || view.stops || (view.listing !== null && view.stands)}
        onClick={() => void make()}
      >
        {view.listing === null ? 'Make its pictures and listing' : view.stands ? 'Made as it lies' : 'Make it anew'}
      </Button>
    </div>
  );
}
