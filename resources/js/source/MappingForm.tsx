import { clsx } from 'clsx';
import { Head, Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { toast } from 'sonner';
import { useAsked } from '@/lib/useAsked';
import { useHandle } from '@/lib/useStall';
import { MappingColumn } from '@/source/MappingColumn';
import { MappingPreview } from '@/source/MappingPreview';
import { ReadAs } from '@/source/ReadAs';
import type { MappingPreviewView, MappingView } from '@/types/source';
import { Button } from '@/ui/Button';
import { ChoiceField } from '@/ui/ChoiceField';
import { TextField } from '@/ui/TextField';

interface Rest {
  decimal: string;
  kilograms: string;
  currency: string;
  warehouse: string;
  stock: string;
  grams: string;
  processing_min: string;
  processing_max: string;
  delivery: string;
}

/**
 * A supplier's file: what each of its columns means, what it leaves unsaid, and beside it the items as they will be.
 */
export function MappingForm({
  mapping,
  countries,
}: {
  mapping: MappingView;
  countries: { code: string; name: string }[];
}) {
  const handle = useHandle();
  const [fields, setFields] = useState<Record<string, string>>(() =>
    Object.fromEntries(mapping.columns.flatMap((c) => (c.field ? [[c.name, c.field]] : []))),
  );
  const [rest, setRest] = useState<Rest>({
    decimal: mapping.figures.decimal,
    kilograms: mapping.figures.kilograms ? '1' : '0',
    currency: mapping.currency.code,
    warehouse: mapping.assumed.warehouse,
    stock: String(mapping.assumed.stock),
    grams: String(mapping.assumed.grams),
    processing_min: String(mapping.assumed.processingMin),
    processing_max: String(mapping.assumed.processingMax),
    delivery: mapping.assumed.delivery,
  });
  const [busy, setBusy] = useState(false);
  const body = {
    ...rest,
    kilograms: rest.kilograms === '1',
    columns: mapping.columns.flatMap((c) => (fields[c.name] ? [{ name: c.name, field: fields[c.name] }] : [])),
  };
  // What the first rows would become was told with the page; it is asked a moment after the last change.
  const [told] = useState(() => JSON.stringify(body));
  const url = route('source.mapping.preview', [handle, mapping.connection]);
  const asked = useAsked<MappingPreviewView>(JSON.stringify(body) === told ? null : { url, body }, 250);
  const preview = asked.answer ?? mapping.preview;

  const field = (name: keyof Rest) => ({
    name,
    value: rest[name],
    onChange: (e: { target: { value: string } }) => setRest((r) => ({ ...r, [name]: e.target.value })),
  });
  const mean = (column: string, to: string) => {
    setFields((now) => {
      // Only one column can be the SKU: the one said last.
      const next = Object.fromEntries(
        Object.entries(now).filter(([name, f]) => name !== column && (f !== to || mapping.fields.many.includes(to))),
      );
      return to === '' ? next : { ...next, [column]: to };
    });
  };
  const save = () => {
    setBusy(true);
    router.put(route('source.mapping.update', [handle, mapping.connection]), body, {
      onError: (errors) => toast.error(Object.values(errors)[0] ?? 'That can’t be saved yet.', { duration: 10_000 }),
      onFinish: () => setBusy(false),
    });
  };

  return (
    <div className="min-h-0 flex-1 border-t border-line lg:grid lg:grid-cols-[minmax(560px,1.5fr)_minmax(380px,1fr)]">
      <Head title={`${mapping.supplier}: what the columns mean`} />
      <section className="min-h-0 overflow-auto px-6 pt-5 pb-8 max-md:px-5 lg:pb-24" aria-label="Columns">
        <h1 className="name text-[24px]">What do {mapping.supplier}’s columns mean?</h1>
        <p className="mt-0.5 mb-4 text-mute">
          {mapping.source.reading ? (
            <ReadAs connection={mapping.connection} reading={mapping.source.reading} />
          ) : (
            `${mapping.source.about}.`
          )}{' '}
          Each guess says how sure it is; put right what is wrong.{' '}
          {mapping.source.parts.length > 0 && (
            <label>
              The goods stand in{' '}
              <select
                value={mapping.source.part}
                data-part
                onChange={(e) =>
                  router.put(route('source.mapping.source.part', [handle, mapping.connection]), {
                    part: e.target.value,
                  })
                }
                className="border-b border-rule bg-transparent font-medium text-ink"
              >
                {mapping.source.parts.map((part) => (
                  <option key={part}>{part}</option>
                ))}
              </select>
              .{' '}
            </label>
          )}
          <Link href={route('source.mapping', [handle, mapping.connection, { afresh: 1 }])} className="underline">
            Read the file again
          </Link>
        </p>
        <table className="w-full">
          <thead>
            <tr className="text-left text-[12.5px] text-mute [&>th]:py-1 [&>th]:font-normal">
              <th scope="col">Column and its first values</th>
              <th scope="col" className="w-[44%] md:w-[210px]">
                means
              </th>
              <th scope="col" className="w-[150px] pl-4! max-md:hidden">
                How sure
              </th>
            </tr>
          </thead>
          <tbody>
            {mapping.columns.map((c) => (
              <MappingColumn
                key={c.name}
                column={c}
                fields={mapping.fields.words}
                field={fields[c.name] ?? ''}
                onMean={(to) => mean(c.name, to)}
              />
            ))}
          </tbody>
        </table>
        <h2 className="name mt-7 mb-3 text-[18px]">What the file leaves unsaid</h2>
        <div className="grid grid-cols-2 gap-x-6 gap-y-4 md:grid-cols-3">
          <ChoiceField
            label="Figures are written"
            choices={[
              { value: '.', label: '1,234.50' },
              { value: ',', label: '1.234,50' },
            ]}
            {...field('decimal')}
          />
          {mapping.figures.doubt && (
            <p className="col-span-2 self-end text-[13px] text-ochre" role="status" data-doubt>
              {mapping.figures.doubt}
            </p>
          )}
          <ChoiceField
            label="Costs are in"
            choices={mapping.currency.all.map((c) => ({ value: c, label: c }))}
            {...field('currency')}
          />
          <ChoiceField
            label="Weights without a unit are"
            choices={[
              { value: '1', label: 'kilograms' },
              { value: '0', label: 'grams' },
            ]}
            {...field('kilograms')}
          />
          <ChoiceField
            label="The goods lie in"
            choices={countries.map((c) => ({ value: c.code, label: c.name }))}
            {...field('warehouse')}
          />
          <TextField label="Stock where no column says" inputMode="numeric" after="pieces" {...field('stock')} />
          <TextField label="Weight where no column says" inputMode="numeric" after="g" {...field('grams')} />
          <TextField
            label="A parcel leaves in at least"
            inputMode="numeric"
            after="working days"
            {...field('processing_min')}
          />
          <TextField label="and at most" inputMode="numeric" after="working days" {...field('processing_max')} />
        </div>
        <h2 className="name mt-7 mb-1 text-[18px]">What a parcel costs</h2>
        <p className="mb-2 text-mute">
          A line for each country and weight: <code className="rounded bg-shade px-1">GB; 2 kg; 4.95; 2-4</code> is up
          to 2 kg to Britain for 4.95, there in 2 to 4 working days. Paste the supplier’s table.
        </p>
        <textarea
          aria-label="What a parcel costs"
          rows={6}
          spellCheck={false}
          className={clsx(
            'w-full rounded-md border border-rule/60 bg-sheet px-3 py-2 font-mono text-[13px]',
            ' focus:border-you',
          )}
          {...field('delivery')}
        />
        <p className={preview.delivered ? 'mt-1 text-mute' : 'mt-1 font-medium text-ochre'} data-delivery>
          {preview.delivery}
        </p>
      </section>
      <section
        className="flex min-h-0 flex-col border-line bg-sheet max-lg:border-t lg:border-l"
        aria-label="As it will be"
      >
        <MappingPreview preview={preview} rows={mapping.source.rows} trouble={asked.trouble || null} />
        <div className="flex items-center gap-4 border-t border-line px-6 py-3">
          <Button kind="do" disabled={busy || preview.lacks !== null} onClick={save}>
            {busy ? 'Saving…' : mapping.known ? 'Save and pull again' : 'Save and pull the goods'}
          </Button>
          {preview.lacks && <span className="font-medium text-ochre">{preview.lacks}</span>}
        </div>
      </section>
    </div>
  );
}
