import { Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useRef } from 'react';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { RunBar } from '@/source/RunBar';
import type { RunView } from '@/types/runs';
import type { SupplierView } from '@/types/source';
import { Button } from '@/ui/Button';

interface Props {
  run: RunView | null;
  supplier: SupplierView;
  setRun: (next: RunView) => void;
  handle: string;
}

/** What can be asked of a supplier now: a pull, the meaning of its columns, a newer file. */
export function SupplierActions({ run, supplier, setRun, handle }: Props) {
  const file = useRef<HTMLInputElement>(null);
  return (
    <div className="mt-3 flex min-h-10 flex-wrap items-center gap-4">
      {run?.open ? (
        <RunBar run={run} what={`Pulling ${supplier.name}`} onChanged={setRun} />
      ) : (
        <>
          {supplier.table.ready && supplier.stands.connected && (
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
          {supplier.table.mapped && (
            <Link
              href={route('source.mapping', [handle, supplier.id])}
              className={clsx(
                'inline-block rounded-[7px] border border-rule/60 bg-sheet px-3.5 py-2 font-medium',
                'hover:bg-paper',
              )}
            >
              {supplier.table.ready ? 'What its columns mean' : 'Say what its columns mean'}
            </Link>
          )}
          {supplier.table.sent && (
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
                    router.post(route('source.file', [handle, supplier.id]), { file: chosen }, { forceFormData: true });
                }}
              />
            </>
          )}
        </>
      )}
    </div>
  );
}
