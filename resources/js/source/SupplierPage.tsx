import { Head, Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { useHandle } from '@/lib/useStall';
import { OpenedPull } from '@/source/slots';
import { Fact } from '@/source/supplier/Fact';
import { HowOften } from '@/source/supplier/HowOften';
import { Pulls } from '@/source/supplier/Pulls';
import { Rejects } from '@/source/supplier/Rejects';
import { SupplierActions } from '@/source/supplier/SupplierActions';
import { useRun } from '@/source/useRun';
import type { SupplierView } from '@/types/source';

/** One supplier: how it fares, when it is pulled, what couldn't be used, and its end. */
export default function SupplierPage({ supplier }: { supplier: SupplierView }) {
  const handle = useHandle();
  const [opened, setOpened] = useState<number | null>(null);
  const [run, setRun] = useRun(supplier.pulls.runs[0] ?? null);
  const update = (own: Record<string, string | number | boolean | null>) =>
    router.patch(route('source.supplier.update', [handle, supplier.id]), own, { preserveScroll: true });

  return (
    <div className="mx-auto w-full max-w-[1040px] px-6 py-7">
      <Head title={supplier.name} />
      <Link
        href={route('source', [handle, { supplier: [supplier.id] }])}
        className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
      >
        Its goods in Source
      </Link>
      <h1 className="name mt-2 text-[30px] text-sup">{supplier.name}</h1>
      <p className="text-mute">{supplier.about}</p>
      <SupplierActions run={run} supplier={supplier} setRun={setRun} handle={handle} />
      {!run?.open && supplier.stands.trouble && (
        <p role="alert" className="mt-3 border-l-4 border-you bg-you-soft px-3 py-2">
          {supplier.stands.trouble}
        </p>
      )}
      <dl className="mt-6 grid grid-cols-4 gap-6 border-y border-line py-4">
        <Fact name="Items">{supplier.has.items.toLocaleString('en')}</Fact>
        <Fact name="Variants">{supplier.has.variants.toLocaleString('en')}</Fact>
        <Fact name="Last pulled">{supplier.stands.pulled ?? 'never'}</Fact>
        {supplier.stands.news && (
          <Fact name="News of changes">
            <span className={supplier.stands.missed ? 'font-medium text-ochre' : undefined}>
              {supplier.stands.news}
            </span>
          </Fact>
        )}
        <Fact name="Next pull">{supplier.rhythm.paused ? 'paused' : (supplier.rhythm.next ?? 'when you ask')}</Fact>
      </dl>
      {supplier.pulls.rejects.length > 0 && <Rejects supplier={supplier} handle={handle} />}
      <Pulls supplier={supplier} setOpened={setOpened} />
      {supplier.stands.connected && <HowOften supplier={supplier} update={update} handle={handle} />}
      <OpenedPull
        run={opened}
        onClose={() => {
          setOpened(null);
        }}
      />
    </div>
  );
}
