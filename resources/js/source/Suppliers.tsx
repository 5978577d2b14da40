import { clsx } from 'clsx';
import { Link } from '@inertiajs/react';
import { CaretDownIcon } from '@phosphor-icons/react';
import { Popover } from 'radix-ui';
import { useHandle } from '@/lib/useStall';
import { PullProgress } from '@/source/PullProgress';
import type { ConnectionView } from '@/types/source';

/** Whether a supplier wants something: a pull is under way, or something is amiss. */
const speaks = (c: ConnectionView) => (c.run?.open ?? false) || c.trouble !== null || !c.ready;

/** Suppliers that want something, each in a line across the screen. */
export function SpeakingSuppliers({ connections }: { connections: ConnectionView[] }) {
  const speaking = connections.filter(speaks);
  return speaking.length === 0 ? null : (
    <div className="px-6 pb-2 max-md:px-5">
      {speaking.map((c) => (
        <PullProgress key={c.id} connection={c} />
      ))}
    </div>
  );
}

/** The stall's other suppliers, behind one button. */
export function Suppliers({ connections }: { connections: ConnectionView[] }) {
  const handle = useHandle();
  const quiet = connections.filter((c) => !speaks(c));
  return (
    <div className="min-w-0 flex-1 max-md:order-last max-md:basis-full">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
        {quiet.length > 0 && (
          <Popover.Root>
            <Popover.Trigger
              data-suppliers
              className={clsx(
                'inline-flex items-center gap-1.5 rounded-[7px] border border-rule/60 bg-sheet px-3',
                'py-1.5 font-medium hover:bg-paper',
              )}
            >
              {quiet.length === 1 ? quiet[0]?.name : `${String(quiet.length)} suppliers`}
              <span className="text-mute">{latest(quiet)}</span>
              <CaretDownIcon size={12} aria-hidden />
            </Popover.Trigger>
            <Popover.Portal>
              <Popover.Content
                aria-label="Suppliers"
                align="start"
                sideOffset={6}
                className="z-30 w-[min(620px,calc(100vw-2rem))] rounded-lg border border-line bg-sheet px-4 py-2 shadow-xl shadow-black/10"
              >
                {quiet.map((c) => (
                  <PullProgress key={c.id} connection={c} />
                ))}
              </Popover.Content>
            </Popover.Portal>
          </Popover.Root>
        )}
        <Link
          href={route('source.connect', handle)}
          className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
        >
          Connect another supplier
        </Link>
      </div>
    </div>
  );
}

function latest(connections: ConnectionView[]): string {
  const first = connections.find((c) => c.pulled !== null);
  return first?.pulled ? `pulled ${first.pulled}` : 'not pulled yet';
}
