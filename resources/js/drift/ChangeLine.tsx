import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import { Sparkline } from '@/drift/Sparkline';
import { useHandle } from '@/lib/useStall';
import type { LineView } from '@/types';

interface Props {
  line: LineView;
  chosen?: boolean;
  onChoose?: () => void;
  children: ReactNode;
}

/** One change: the thing, how it went in time, before → after, and what it does to price and keep. */
export function ChangeLine({ line, chosen = false, onChoose, children }: Props) {
  const handle = useHandle();
  // What isn't about money has the room of it.
  const plain = line.price === '' && line.keep === '';
  return (
    <li
      className={clsx(
        'grid min-h-[46px]',
        'grid-cols-[24px_40px_minmax(190px,1.7fr)_90px_minmax(130px,1.1fr)_minmax(110px,0.9fr)_minmax(130px,1fr)_auto]',
        'items-center gap-x-4 border-t border-shade py-1.5',
      )}
      data-line={line.id}
    >
      {onChoose ? (
        <input
          type="checkbox"
          aria-label={`Choose ${line.title}${line.variant === '' ? '' : `, ${line.variant}`}`}
          checked={chosen}
          onChange={onChoose}
          className="size-4 accent-you"
        />
      ) : (
        <span />
      )}
      {line.picture === null ? (
        <span className="size-9 rounded bg-shade" />
      ) : (
        <img src={line.picture} alt="" className="size-9 rounded border border-line object-cover" loading="lazy" />
      )}
      <span className="min-w-0 truncate">
        <Link href={route('bench.listing', [handle, line.listing])} className="font-semibold hover:underline">
          {line.title}
        </Link>{' '}
        <span className="text-mute">{line.variant}</span>
      </span>
      <Sparkline points={line.history} words={line.historyWords} bad={line.bad} />
      <span
        className={clsx('text-sup', plain ? 'col-span-3 text-[13px] leading-snug' : 'text-right')}
        title={line.rule}
      >
        <span className={plain ? 'line-through decoration-sup/40' : ''}>{line.before}</span>{' '}
        <span aria-label="is now">→</span> <b className="font-semibold">{line.after}</b>
      </span>
      {!plain && (
        <>
          <span className="text-right">{line.price}</span>
          <span className={clsx('text-right', line.bad && 'font-semibold text-loss')}>
            {line.keep !== '' && 'keeps '}
            {line.keep}
          </span>
        </>
      )}
      <span className="flex justify-end gap-2">{children}</span>
    </li>
  );
}
