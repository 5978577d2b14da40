import { router } from '@inertiajs/react';
import { DownloadSimpleIcon } from '@phosphor-icons/react';
import { useRef, useState } from 'react';
import { ImportedSheet } from '@/bench/list/ImportedSheet';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { ended } from '@/lib/runs';
import { useHandle } from '@/lib/useStall';
import { RunBar } from '@/source/RunBar';
import type { ImportedView } from '@/types/bench';
import type { RunView } from '@/types/runs';
import { Button } from '@/ui/Button';
import { Popup, PopupLink } from '@/ui/Popup';

/** Listings taken away and brought in again, in open formats. */
export function Carry() {
  const handle = useHandle();
  const file = useRef<HTMLInputElement>(null);
  const [open, setOpen] = useState(false);
  const [run, setRun] = useState<RunView | null>(null);
  const [done, setDone] = useState<ImportedView | null>(null);

  const show = async (id: number) => {
    setDone(await send<ImportedView>('GET', route('bench.imported', [handle, id])));
    router.reload();
  };
  const bring = async (chosen: File) => {
    const form = new FormData();
    form.append('file', chosen);
    const begun = await send<RunView>('POST', route('bench.import', handle), form);
    setRun(begun);
    await ended(handle, begun, setRun);
    setOpen(false);
    await show(begun.id);
  };
  const choose = (chosen: File | undefined) => {
    if (!chosen) return;
    bring(chosen)
      .catch(sayTrouble)
      .finally(() => {
        setRun(null);
        if (file.current) file.current.value = '';
      });
  };
  return (
    <>
      <Popup
        width={400}
        open={open}
        onOpen={setOpen}
        trigger={<PopupLink mark={<DownloadSimpleIcon size={15} aria-hidden />}>Out and in</PopupLink>}
      >
        <p className="mb-2 font-semibold">Take your listings with you</p>
        <div className="flex gap-4">
          <a href={route('bench.export', [handle, { as: 'csv' }])} className="underline" data-export="csv">
            as CSV, a row per variant
          </a>
          <a href={route('bench.export', [handle, { as: 'json' }])} className="underline" data-export="json">
            as JSON
          </a>
        </div>
        <p className="mt-4 mb-2 font-semibold">Bring changes back in</p>
        <p className="mb-2 text-[13px] text-mute">
          A file that went out from here, changed in a spreadsheet or by a program. Your words, prices and order follow
          it; each listing can be taken back.
        </p>
        {run?.open ? (
          <div className="flex flex-wrap items-center gap-2">
            <RunBar run={run} what="Bringing listings in" onChanged={setRun} />
          </div>
        ) : (
          <Button small onClick={() => file.current?.click()}>
            Choose the file
          </Button>
        )}
        <input
          ref={file}
          type="file"
          accept=".csv,.json"
          className="sr-only"
          aria-label="File of listings"
          data-import
          onChange={(e) => choose(e.target.files?.[0])}
        />
      </Popup>
      <ImportedSheet imported={done} onClose={() => setDone(null)} onTaken={show} />
    </>
  );
}
