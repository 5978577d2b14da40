import { count } from '@/lib/plural';
import type { MappingPreviewView } from '@/types/source';

/** The first rows of a file as the items and variants they will be, and those that can't be used, with the reason. */
export function MappingPreview({
  preview,
  rows,
  trouble,
}: {
  preview: MappingPreviewView;
  rows: number;
  trouble: string | null;
}) {
  return (
    <div
      className="min-h-0 flex-1 overflow-auto px-6 pt-5 pb-6"
      tabIndex={0}
      role="group"
      aria-label="The first rows as goods"
    >
      <h2 className="name text-[18px]" data-preview>
        <span role="status">{preview.lacks ? 'Not yet' : preview.words}</span>
      </h2>
      <p className="mb-3 text-mute">as the first {rows} rows will be</p>
      {trouble && (
        <p role="alert" className="mb-3 border-l-4 border-you bg-you-soft px-3 py-2">
          {trouble}
        </p>
      )}
      <ul>
        {preview.items.map((i) => (
          <li key={i.code} className="flex gap-3 border-t border-shade py-2.5">
            {i.picture ? (
              <img src={i.picture} alt="" className="size-14 flex-none rounded-md border border-line object-cover" />
            ) : (
              <span className="size-14 flex-none rounded-md bg-shade" />
            )}
            <div className="min-w-0">
              <b className="block truncate font-semibold text-sup">{i.title}</b>
              <span className="text-[12.5px] text-mute">
                {i.code}
                {i.about && ` · ${i.about}`}
              </span>
              <ul className="text-[13px]">
                {i.variants.map((v) => (
                  <li key={v}>{v}</li>
                ))}
                {i.more > 0 && <li className="text-mute">and {i.more} more</li>}
              </ul>
            </div>
          </li>
        ))}
      </ul>
      {preview.rejected > 0 && (
        <section aria-label="Rows that can’t be used" className="mt-4 border-l-4 border-ochre bg-ochre-soft px-4 py-3">
          <h3 className="font-semibold">{count(preview.rejected, 'row')} can’t be used</h3>
          <ul className="text-[13px]">
            {preview.rejects.map((r) => (
              <li key={`${String(r.row)}-${r.column}`}>
                Row {r.row}, {r.column} {r.value && `“${r.value}”`}: {r.reason}
              </li>
            ))}
          </ul>
          <p className="mt-1 text-[13px] text-mute">The others go in all the same.</p>
        </section>
      )}
    </div>
  );
}
