import { Head, Link } from '@inertiajs/react';
import { useHandle } from '@/lib/useStall';
import { MappingForm } from '@/source/MappingForm';
import { ReadAs } from '@/source/ReadAs';
import { RunBar } from '@/source/RunBar';
import { useRun } from '@/source/useRun';
import type { RunView } from '@/types/runs';
import type { MappingView } from '@/types/source';

interface Props {
  mapping: MappingView | null;
  countries: { code: string; name: string }[];
  supplier: string;
  connection: number;
  looking: RunView | null;
}

/** What a supplier's columns mean, once its first rows are here; till then, that they are being read. */
export default function MappingPage({ mapping, countries, ...wait }: Props) {
  return mapping ? <MappingForm mapping={mapping} countries={countries} /> : <Looking {...wait} />;
}

function Looking({ supplier, connection, looking }: Pick<Props, 'supplier' | 'connection' | 'looking'>) {
  const handle = useHandle();
  const [run, setRun] = useRun(looking);
  // Once it is done the columns come; till they are here it isn’t a failure.
  const reading = run?.open === true || run?.state === 'done';
  return (
    <div className="mx-auto w-full max-w-[680px] px-6 pt-16" data-looking={run?.state}>
      <Head title={`${supplier}: the first rows`} />
      <h1 className="name text-[24px]">
        {reading ? `Reading the first rows of ${supplier}’s file` : `${supplier}’s file can’t be read yet`}
      </h1>
      {reading ? (
        <>
          <p className="mt-1 mb-6 text-mute">
            Then you say what its columns mean. This goes on if you leave; the page is here when you come back.
          </p>
          <div className="flex items-center gap-3">
            <RunBar run={run} what="Reading the first rows" onChanged={setRun} />
          </div>
        </>
      ) : (
        <>
          <p role="alert" className="mt-4 border-l-4 border-you bg-you-soft px-3 py-2">
            {run?.trouble ?? 'Reading was stopped.'}
          </p>
          <p className="mt-4 text-mute">
            If it is a table, say how it is to be read: <ReadAs connection={connection} reading={null} />
          </p>
          <p className="mt-6 flex gap-6">
            <Link
              href={route('source.mapping', [handle, connection, { afresh: 1 }])}
              className="font-medium text-you underline underline-offset-4"
            >
              Read it again
            </Link>
            <Link
              href={route('source.supplier', [handle, connection])}
              className="text-mute underline underline-offset-4"
            >
              To {supplier}
            </Link>
          </p>
        </>
      )}
    </div>
  );
}
