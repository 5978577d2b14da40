import { Head, Link } from '@inertiajs/react';
import { turnSign } from '@/lib/turnSign';
import { useHandle } from '@/lib/useStall';
import { DoorSign } from '@/opening/DoorSign';
import { LeftItem } from '@/opening/LeftItem';
import { Onlookers } from '@/opening/Onlookers';
import { OpensAt } from '@/opening/OpensAt';
import { Roll } from '@/opening/Roll';
import { useRehearsal } from '@/opening/useRehearsal';
import type { OnlookerView, RehearsedView, WhatIsLeftView } from '@/types/opening';
import { Ask } from '@/ui/Ask';
import { Button } from '@/ui/Button';

type Props = { left: WhatIsLeftView; rehearsal: RehearsedView; onlookers: OnlookerView[] };

/** What is left before the shop opens, what would be a pity, and what stands; worked out, never ticked. */
export default function LeftPage({ left, rehearsal, onlookers }: Props) {
  const handle = useHandle();
  const { begin, busy, trouble } = useRehearsal(rehearsal.running);
  return (
    <div className="grid items-start gap-x-12 px-6 lg:grid-cols-[minmax(0,1fr)_minmax(360px,420px)]">
      <div className="pt-5 pb-16">
        <Head title="What is left" />
        <h1 className="name max-w-[60ch] text-[24px]" data-stops={left.stops}>
          {left.head}
        </h1>
        <p className="mt-1 mb-6 text-mute">Looked at all of it just now. Nothing here is ticked by hand.</p>
        <ul aria-label="What is left" className="max-w-[760px] border-t border-line">
          {left.items.map((item) => (
            <LeftItem key={item.head} item={item} onRehearse={begin} busy={busy} />
          ))}
        </ul>
        {left.stands.length > 0 && (
          <p className="max-w-[760px] py-4 text-[14px] leading-[1.8] text-mute">
            <b className="font-semibold text-see">Stands:</b> {left.stands.join(' · ')} ·{' '}
            <Link href={route('opening.seen', handle)} className="underline underline-offset-4 hover:text-ink">
              how it is seen elsewhere
            </Link>
          </p>
        )}
        <div className="mt-4 flex max-w-[760px] items-center gap-5 border-t-2 border-ink pt-5">
          <DoorSign open={left.open} />
          <p className="min-w-0 flex-1">
            {left.open
              ? 'Shoppers are let in. Closed, they see the shop’s name and that it is closed; orders that were made stay where they are.'
              : 'Shoppers see the shop’s name and that it isn’t open; you see it whole.'}
          </p>
          {left.open ? (
            <Button onClick={() => turnSign(handle, false)}>Close it</Button>
          ) : left.stops === 0 ? (
            <Button kind="do" onClick={() => turnSign(handle, true, true)}>
              Open
            </Button>
          ) : (
            <Ask
              button="Open all the same"
              title="Open though something stops it?"
              yes="Open all the same"
              onYes={() => turnSign(handle, true, true)}
            >
              {left.items
                .filter((item) => item.stops)
                .map((item) => item.head + '.')
                .join(' ')}
            </Ask>
          )}
        </div>
        {!left.open && <OpensAt opens={left.opens} />}
        {!left.open && <Onlookers onlookers={onlookers} />}
      </div>
      <Roll roll={rehearsal} busy={busy} trouble={trouble} onBegin={begin} />
    </div>
  );
}
