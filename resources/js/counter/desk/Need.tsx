import { Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useState } from 'react';
import { useHandle } from '@/lib/useStall';
import type { NeedView, NeedWayView } from '@/types/counter';
import { Button } from '@/ui/Button';
import { Thumb } from '@/ui/Thumb';

/** Something that needs a person: a sentence, and the ways out side by side, each with what the order keeps then. */
export function Need({ need, row, tab }: { need: NeedView; row: number; tab: 0 | -1 }) {
  const handle = useHandle();
  const first = row === 0;
  const wide = first && need.ways.some((way) => way.keeps !== '');
  return (
    <li
      className={clsx(
        'border-t border-line px-6 py-3.5 max-md:px-4',
        first ? 'border-l-[3px] border-l-loss bg-sheet' : 'bg-paper',
      )}
      data-row={row}
      data-need={need.kind}
      data-order={need.number}
    >
      <div className="flex flex-wrap items-start gap-x-4 gap-y-2">
        <Thumb src={need.picture} size={48} />
        <div className="min-w-0 flex-1 basis-72">
          <h2 className="name text-[17px] leading-snug">
            {need.order > 0 ? (
              <Link
                href={route('counter.order', [handle, need.order])}
                data-hand
                tabIndex={tab}
                className="hover:underline"
              >
                {need.title}
              </Link>
            ) : (
              need.title
            )}
          </h2>
          <p className="text-mute">{need.about}</p>
        </div>
        {!wide && (
          <div className="flex flex-wrap items-center justify-end gap-x-5 gap-y-2 self-center">
            {need.ways
              .slice(1)
              .reverse()
              .map((way) => (
                <Way key={way.button} way={way} />
              ))}
            {need.ways[0] && <Way way={need.ways[0]} proposed />}
          </div>
        )}
      </div>
      {wide && (
        <div
          className="mt-3 grid gap-y-4 border-t border-line pt-3 md:ml-16 md:auto-cols-fr md:grid-flow-col
            md:divide-x md:divide-line"
        >
          {need.ways.map((way, n) => (
            <div key={way.button} className={clsx(n > 0 && 'md:pl-5', 'md:pr-4')} data-way={way.button}>
              <p className="font-semibold">{way.name}</p>
              <p className="my-0.5">
                {way.keeps !== '' && (
                  <b className={clsx('name mr-3 text-[16px]', way.loses && 'text-loss')}>{way.keeps}</b>
                )}
                <span className="text-[13.5px] text-mute">{way.about}</span>
              </p>
              <Way way={way} proposed={n === 0} />
            </div>
          ))}
        </div>
      )}
    </li>
  );
}

export function Way({ way, proposed = false }: { way: NeedWayView; proposed?: boolean }) {
  const [busy, setBusy] = useState(false);
  const title = [way.name, way.keeps, way.about].filter((part) => part !== '').join(': ');
  if (way.data === null)
    return (
      <Link href={way.address} title={title} className="text-mute underline decoration-line underline-offset-4">
        {way.button}
      </Link>
    );
  const go = () => {
    router.post(way.address, way.data as Record<string, never>, {
      preserveScroll: true,
      onStart: () => {
        setBusy(true);
      },
      onFinish: () => {
        setBusy(false);
      },
    });
  };
  return proposed ? (
    <Button kind="do" onClick={go} disabled={busy} title={title}>
      {way.button}
    </Button>
  ) : (
    <button
      type="button"
      onClick={go}
      disabled={busy}
      title={title}
      className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
    >
      {way.button}
    </button>
  );
}
