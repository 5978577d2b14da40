import { clsx } from 'clsx';
import { count } from '@/lib/plural';
import { Head, Link, router } from '@inertiajs/react';
import { useRef, useState, type ReactNode } from 'react';
import { OpenedPull } from '@/source/slots';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import { RunBar } from '@/source/RunBar';
import { useRun } from '@/source/useRun';
import type { RunView } from '@/types/runs';
import type { SupplierView } from '@/types/source';
import { Ask } from '@/ui/Ask';
import { Button } from '@/ui/Button';
import { ChoiceField } from '@/ui/ChoiceField';

/** One supplier: how it fares, when it is pulled, what couldn't be used, and its end. */
export default function SupplierPage({ supplier }: { supplier: SupplierView }) {
  const handle = useHandle();
  const [opened, setOpened] = useState<number | null>(null);
  const [run, setRun] = useRun(supplier.runs[0] ?? null);
  const file = useRef<HTMLInputElement>(null);
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
      <div className="mt-3 flex min-h-10 flex-wrap items-center gap-4">
        {run?.open ? (
          <RunBar run={run} what={`Pulling ${supplier.name}`} onChanged={setRun} />
        ) : (
          <>
            {supplier.ready && supplier.connected && (
              <Button
                kind="do"
                onClick={() =>
                  void send<RunView>('POST', route('source.pull', [handle, supplier.id]))
                    .then(setRun)
                    .catch(sayTrouble)
                }
              >
                Pull now
              </Button>
            )}
            {supplier.mapped && (
              <Link
                href={route('source.mapping', [handle, supplier.id])}
                className={clsx(
                  'inline-block rounded-[7px] border border-rule/60 bg-sheet px-3.5 py-2 font-medium',
                  'hover:bg-paper',
                )}
              >
                {supplier.ready ? 'What its columns mean' : 'Say what its columns mean'}
              </Link>
            )}
            {supplier.sent && (
              <>
                <Button onClick={() => file.current?.click()}>Send a newer file</Button>
                <input
                  ref={file}
                  type="file"
                  className="sr-only"
                  aria-label="A newer file"
                  onChange={(e) => {
                    const chosen = e.target.files?.[0];
                    if (chosen)
                      router.post(
                        route('source.file', [handle, supplier.id]),
                        { file: chosen },
                        { forceFormData: true },
                      );
                  }}
                />
              </>
            )}
          </>
        )}
      </div>
      {!run?.open && supplier.trouble && (
        <p role="alert" className="mt-3 border-l-4 border-you bg-you-soft px-3 py-2">
          {supplier.trouble}
        </p>
      )}
      <dl className="mt-6 grid grid-cols-4 gap-6 border-y border-line py-4">
        <Fact name="Items">{supplier.items.toLocaleString('en')}</Fact>
        <Fact name="Variants">{supplier.variants.toLocaleString('en')}</Fact>
        <Fact name="Last pulled">{supplier.pulled ?? 'never'}</Fact>
        {supplier.news && (
          <Fact name="News of changes">
            <span className={supplier.missed ? 'font-medium text-ochre' : undefined}>{supplier.news}</span>
          </Fact>
        )}
        <Fact name="Next pull">{supplier.paused ? 'paused' : (supplier.next ?? 'when you ask')}</Fact>
      </dl>
      {supplier.rejects.length > 0 && (
        <section className="mt-7" aria-label="Rows left out">
          <div className="flex items-baseline gap-4">
            <h2 className="name text-[19px]">Rows that couldn’t be used</h2>
            {supplier.rejectsRun !== null && (
              <a href={route('source.run.rejects', [handle, supplier.rejectsRun])} className="underline" data-rejects>
                Download them all
              </a>
            )}
          </div>
          <Table heads={['Row', 'Column', 'Value', 'Why']}>
            {supplier.rejects.map((r) => (
              <tr key={`${String(r.row)}-${r.column}`} className="border-t border-line [&>td]:py-1.5 [&>td]:pr-4">
                <td>{r.row}</td>
                <td>{r.column}</td>
                <td className="text-sup">{r.value || 'empty'}</td>
                <td>{r.reason}</td>
              </tr>
            ))}
          </Table>
        </section>
      )}
      <section className="mt-7" aria-label="Pulls">
        <h2 className="name text-[19px]">Pulls</h2>
        {supplier.runs.length === 0 ? (
          <p className="text-mute">None yet.</p>
        ) : (
          <Table heads={['When', 'How it went', 'Took', '']}>
            {supplier.runs.map((r) => (
              <tr key={r.id} className="border-t border-line align-top [&>td]:py-1.5 [&>td]:pr-4">
                <td className="whitespace-nowrap text-mute">{r.when}</td>
                <td>
                  {r.open
                    ? r.doing
                    : r.state === 'done'
                      ? r.result
                      : (r.trouble ?? (r.state === 'cancelled' ? 'stopped' : 'failed'))}
                  {r.rejects > 0 && `, ${count(r.rejects, 'row')} left out`}
                  {r.notes.map((n) => (
                    <span key={n} className="block text-[13px] text-ochre">
                      {n}
                    </span>
                  ))}
                </td>
                <td className="text-mute">{r.took}</td>
                <td className="text-right">
                  <button
                    type="button"
                    className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
                    onClick={() => {
                      setOpened(r.id);
                    }}
                  >
                    what was done with it
                  </button>
                </td>
              </tr>
            ))}
          </Table>
        )}
      </section>
      {supplier.connected && (
        <section
          className="mt-8 flex flex-wrap items-end gap-x-10 gap-y-5 border-t border-line pt-6"
          aria-label="How often"
        >
          <ChoiceField
            label="It is pulled"
            value={supplier.schedule}
            choices={Object.entries(supplier.schedules).map(([value, label]) => ({ value, label }))}
            onChange={(e) => update({ schedule: e.target.value })}
          />
          {supplier.tellsWhatMoves && (
            <ChoiceField
              label="Stock and cost of what you sell, besides"
              value={String(supplier.movingEvery ?? '')}
              choices={[
                { value: '', label: 'with the rest' },
                { value: '15', label: 'every quarter of an hour' },
                { value: '60', label: 'every hour' },
                { value: '240', label: 'every four hours' },
              ]}
              onChange={(e) => update({ moving: e.target.value === '' ? null : Number(e.target.value) })}
            />
          )}
          <div className="flex items-end gap-3">
            <Button onClick={() => update({ paused: !supplier.paused })}>
              {supplier.paused ? 'Go on pulling' : 'Pause it'}
            </Button>
            <Ask
              button="Disconnect"
              title={`Disconnect ${supplier.name}?`}
              yes="Disconnect"
              onYes={() => router.delete(route('source.supplier.destroy', [handle, supplier.id]))}
            >
              {supplier.ending} The key is forgotten.
            </Ask>
          </div>
        </section>
      )}
      <OpenedPull
        run={opened}
        onClose={() => {
          setOpened(null);
        }}
      />
    </div>
  );
}

function Fact({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div>
      <dt className="text-[12.5px] text-mute">{name}</dt>
      <dd className="text-[17px] font-semibold">{children}</dd>
    </div>
  );
}

function Table({ heads, children }: { heads: string[]; children: ReactNode }) {
  return (
    <table className="mt-1 w-full">
      <thead>
        <tr className="text-left text-[12.5px] text-mute [&>th]:py-1 [&>th]:pr-4 [&>th]:font-normal">
          {heads.map((h) => (
            <th key={h} scope="col">
              {h === '' ? <span className="sr-only">What can be done</span> : h}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>{children}</tbody>
    </table>
  );
}
