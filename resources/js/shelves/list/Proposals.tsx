import { router } from '@inertiajs/react';
import { StackIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import { send } from '@/lib/http';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import type { MadeShelfView, ProposalView } from '@/types/shelves';
import { Button } from '@/ui/Button';
import { Thumb } from '@/ui/Thumb';

function Proposal({ proposal: p }: { proposal: ProposalView }) {
  const handle = useHandle();
  const { busy, during } = useSend();
  const make = () =>
    void during(
      send<MadeShelfView>('POST', route('shelves.store', handle), {
        name: p.name,
        rule: p.by === 'word' ? null : { join: 'all', parts: [{ field: p.by, names: [p.named] }] },
        listings: p.listings,
      }).then(({ shelf }) => router.visit(route('shelves.shelf', [handle, shelf]))),
    );
  return (
    <li className="flex items-center gap-3 border-t border-line py-3" data-proposal={p.named}>
      <Thumb src={p.picture} size={48} />
      <div className="min-w-0 flex-1">
        <b className="block truncate font-semibold">{p.name}</b>
        <span className="block text-[13px] text-mute">{p.why}</span>
      </div>
      <Button small disabled={busy} onClick={make} aria-label={`Make a shelf of ${p.name}`}>
        <StackIcon size={15} aria-hidden /> Make it
      </Button>
    </li>
  );
}

export function Proposals({ proposals, first }: { proposals: ProposalView[]; first: boolean }) {
  return (
    <section aria-labelledby="proposed" className={clsx('px-6', first ? 'pt-2' : 'pt-8')}>
      <h2 id="proposed" className="name text-[19px]">
        {first ? 'Shelves your goods would fill' : 'What could stand together too'}
      </h2>
      <p className="mb-3 text-mute">Worked out from types, tags and titles; each changes as its goods do.</p>
      <ul className="grid gap-x-8 sm:grid-cols-2 lg:grid-cols-3">
        {proposals.map((p) => (
          <Proposal key={`${p.by} ${p.named}`} proposal={p} />
        ))}
      </ul>
    </section>
  );
}
