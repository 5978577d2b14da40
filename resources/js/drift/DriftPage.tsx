import { Head, Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useHandle } from '@/lib/useStall';
import type { DriftRowView } from '@/types';
import { Button } from '@/ui/Button';
import { Empty } from '@/ui/Empty';
import { Pager } from '@/ui/Pager';

/** What suppliers changed since the seller last agreed, listing by listing, and what it does. */
export default function DriftPage({ rows, next }: { rows: DriftRowView[]; next: string | null }) {
  const handle = useHandle();
  const agree = (ids: number[]) => {
    router.post(route('drift.agree', handle), { listings: ids }, { preserveScroll: true });
  };
  const keep = (id: number, field: string) => {
    router.post(route('drift.keep', [handle, id]), { field }, { preserveScroll: true });
  };
  const changes = rows.reduce((sum, r) => sum + r.changes.length, 0);

  if (rows.length === 0)
    return (
      <>
        <Head title="Drift" />
        <Empty title="Nothing has drifted">
          When a supplier changes a cost, sells out, or rewrites an item you have taken, it stands here: before, after, and what it does to
          your price. Your own words are never overwritten.
        </Empty>
      </>
    );
  return (
    <div className="mx-auto w-full max-w-[980px] px-6 py-6">
      <Head title="Drift" />
      <div className="mb-4 flex items-center">
        <h1 className="name text-[26px]">Drift</h1>
        <Button
          kind="do"
          className="ml-auto"
          onClick={() => {
            agree(rows.map((r) => r.id));
          }}
        >
          {changes === 1 ? 'Agree to 1 change' : `Agree to ${String(changes)} changes`}
        </Button>
      </div>
      {rows.map((row) => (
        <section key={row.id} className="border-t border-line py-4" data-drift={row.title}>
          <div className="flex items-center gap-3">
            {row.picture ? (
              <img src={row.picture} alt="" className="size-11 rounded border border-line object-cover" />
            ) : (
              <span className="size-11 rounded bg-shade" />
            )}
            <div>
              <h2 className="font-semibold">
                <Link href={route('bench.listing', [handle, row.id])} className="hover:underline">
                  {row.title}
                </Link>
              </h2>
              <p className="text-[13px] text-mute">
                {row.stateWords} · {row.supplier}
              </p>
            </div>
            {rows.length > 1 && (
              <Button
                small
                className="ml-auto"
                onClick={() => {
                  agree([row.id]);
                }}
              >
                {row.changes.length === 1 ? 'Agree' : `Agree to ${String(row.changes.length)}`}
              </Button>
            )}
          </div>
          <table className="mt-2 ml-14 w-[calc(100%-3.5rem)]">
            <tbody>
              {row.changes.map((c, i) => (
                <tr key={i} className="border-t border-shade align-top [&>td]:py-1.5 [&>td]:pr-4">
                  <td className="w-40 text-mute">{c.about}</td>
                  <td className="w-[30%] text-sup">
                    {c.before}{' '}
                    <span aria-label="is now" className="text-mute">
                      →
                    </span>{' '}
                    <b className="font-semibold">{c.after}</b>
                  </td>
                  <td className={clsx(c.bad && 'font-semibold text-you')}>
                    {c.effect}{' '}
                    {c.keepable && (
                      <button
                        type="button"
                        className="ml-1 underline decoration-line underline-offset-2"
                        onClick={() => {
                          keep(row.id, c.kind);
                        }}
                      >
                        Keep mine
                      </button>
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      ))}
      <Pager previous={null} next={next} />
    </div>
  );
}
