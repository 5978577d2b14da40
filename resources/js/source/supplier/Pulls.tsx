import type { Dispatch, SetStateAction } from 'react';
import { count } from '@/lib/plural';
import { Table } from '@/source/supplier/Table';
import type { SupplierView } from '@/types/source';

interface Props {
  supplier: SupplierView;
  setOpened: Dispatch<SetStateAction<number | null>>;
}

/** Its pulls, how each went and what was done with it. */
export function Pulls({ supplier, setOpened }: Props) {
  return (
    <section className="mt-7" aria-label="Pulls">
      <h2 className="name text-[19px]">Pulls</h2>
      {supplier.pulls.runs.length === 0 ? (
        <p className="text-mute">None yet.</p>
      ) : (
        <Table heads={['When', 'How it went', 'Took', '']}>
          {supplier.pulls.runs.map((r) => (
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
  );
}
