import { Table } from '@/source/supplier/Table';
import type { SupplierView } from '@/types/source';

interface Props {
  supplier: SupplierView;
  handle: string;
}

/** Rows of its file that couldn't be used, and why. */
export function Rejects({ supplier, handle }: Props) {
  return (
    <section className="mt-7" aria-label="Rows left out">
      <div className="flex items-baseline gap-4">
        <h2 className="name text-[19px]">Rows that couldn’t be used</h2>
        {supplier.pulls.rejectsRun !== null && (
          <a href={route('source.run.rejects', [handle, supplier.pulls.rejectsRun])} className="underline" data-rejects>
            Download them all
          </a>
        )}
      </div>
      <Table heads={['Row', 'Column', 'Value', 'Why']}>
        {supplier.pulls.rejects.map((r) => (
          <tr key={`${String(r.row)}-${r.column}`} className="border-t border-line [&>td]:py-1.5 [&>td]:pr-4">
            <td>{r.row}</td>
            <td>{r.column}</td>
            <td className="text-sup">{r.value || 'empty'}</td>
            <td>{r.reason}</td>
          </tr>
        ))}
      </Table>
    </section>
  );
}
