import { clsx } from 'clsx';
import type { PlacingView } from '@/types/print';
import { Button } from '@/ui/Button';

/** What was found about what lies there, with its figures and, where there is one, the button that mends it. */
export function Found({ view, onMend }: { view: PlacingView; onMend: (finding: number) => void }) {
  const many = new Set(view.findings.map((f) => f.area)).size > 1;
  const several = new Set(view.findings.map((f) => f.of)).size > 1;
  const named = (code: string) => view.areas.find((a) => a.code === code)?.name ?? code;
  return (
    <ul aria-label="What was found" aria-live="polite" className="mt-4 border-t border-line" data-found>
      {view.findings.map((one) => (
        <li
          key={`${one.area}${one.of}${one.short}`}
          data-finding={one.weight}
          className={clsx(
            'flex items-center gap-5 border-b border-line py-2',
            one.weight !== 'fine' && '-mx-3 px-3',
            one.weight === 'look' && 'bg-ochre-soft',
            one.weight === 'stops' && 'border-l-4 border-l-you bg-you-soft',
          )}
        >
          <p className="flex-1">
            {many && <span className="text-mute">{named(one.area)}: </span>}
            {several && one.of && <span className="text-mute">{one.of}: </span>}
            <b
              className={clsx(
                'font-semibold',
                one.weight === 'look' && 'text-ochre',
                one.weight === 'stops' && 'text-you',
              )}
            >
              {one.short}
            </b>{' '}
            <span className={one.weight === 'fine' ? 'text-mute' : undefined}>
              {one.rest} {one.hits}
            </span>
          </p>
          {one.mend ? (
            <Button small onClick={() => onMend(one.n)}>
              {one.mend}
            </Button>
          ) : (
            <span className="text-[13px] text-mute">{one.weight === 'fine' ? 'nothing to do' : 'as you like'}</span>
          )}
        </li>
      ))}
    </ul>
  );
}
