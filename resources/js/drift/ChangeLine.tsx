import { Arrow } from '@/ui/Arrow';
import { Link } from '@inertiajs/react';
import { TrendDownIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import { Sparkline } from '@/drift/Sparkline';
import { useHandle } from '@/lib/useStall';
import type { LineView } from '@/types/drift';
import { Thumb } from '@/ui/Thumb';
import { Tick } from '@/ui/Tick';

interface Props {
  line: LineView;
  /** By which rule it stands as it does, where that isn’t said for all beside it. */
  why?: string;
  /** Where it stands among those that can be chosen, and whether Tab comes there. */
  row?: number;
  tab?: 0 | -1;
  chosen?: boolean;
  onChoose?: () => void;
  children: ReactNode;
}

/** One change: the thing, how it went in time, before → after, and what it does to price and keep. */
export function ChangeLine({ line, why = '', row, tab, chosen = false, onChoose, children }: Props) {
  const handle = useHandle();
  // What isn't about money has the room of it.
  const plain = line.price === '' && line.keep === '';
  return (
    <li
      className={clsx(
        'grid min-h-[46px]',
        'grid-cols-[24px_40px_minmax(0,1fr)]',
        'md:grid-cols-[24px_40px_minmax(190px,1fr)_minmax(130px,0.8fr)_minmax(136px,auto)]',
        'lg:grid-cols-[24px_40px_minmax(190px,1.7fr)_90px_minmax(130px,1.1fr)_minmax(110px,0.9fr)_minmax(130px,1fr)_minmax(136px,auto)]',
        'items-center gap-x-4 border-t border-shade py-1.5',
      )}
      data-line={line.id}
      data-row={row}
    >
      {onChoose ? (
        <Tick
          hand
          tab={tab}
          label={`Choose ${line.title}${line.variant === '' ? '' : `, ${line.variant}`}`}
          describedBy={`change-${String(line.id)}`}
          checked={chosen}
          onToggle={onChoose}
        />
      ) : (
        <span />
      )}
      <Thumb src={line.picture} size={36} />
      <span className="min-w-0 truncate max-md:whitespace-normal">
        <Link
          href={route('bench.listing', [handle, line.listing])}
          tabIndex={tab}
          className="font-semibold hover:underline"
          data-title
        >
          {line.title}
        </Link>{' '}
        <span className="text-mute">{line.variant}</span>
        {why !== '' && <span className="block truncate text-[12.5px] text-mute">{why}</span>}
        {!plain && (
          <span className="block truncate text-[12.5px] lg:hidden">
            {line.price} <Keep line={line} />
          </span>
        )}
      </span>
      <span className="max-lg:hidden">
        <Sparkline points={line.history} words={line.historyWords} bad={line.bad} />
      </span>
      <span
        className={clsx(
          'text-sup',
          plain ? 'text-[13px] lg:col-span-3 leading-snug' : 'md:text-right',
          'max-md:col-start-3',
        )}
        title={line.rule}
        id={`change-${String(line.id)}`}
      >
        <span className={plain ? 'line-through decoration-sup/40' : ''}>{line.before}</span> <Arrow />{' '}
        <b className="font-semibold">{line.after}</b>
      </span>
      {!plain && (
        <>
          <span className="text-right max-lg:hidden">{line.price}</span>
          <span className="text-right max-lg:hidden">
            <Keep line={line} />
          </span>
        </>
      )}
      <span className="flex items-center justify-end gap-2 max-md:col-start-3 max-md:justify-start max-md:py-1.5">
        {children}
      </span>
    </li>
  );
}

/** What is kept, before → after; under the floor with its sign. */
function Keep({ line }: { line: LineView }) {
  if (line.keep === '') return null;
  return (
    <span className={clsx(line.bad && 'font-semibold text-loss')}>
      {line.bad && (
        <>
          <TrendDownIcon size={14} weight="bold" aria-hidden className="mr-0.5 inline" />
          <span className="sr-only">Under the floor: </span>
        </>
      )}
      keeps {line.keep}
    </span>
  );
}
