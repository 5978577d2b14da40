import { router } from '@inertiajs/react';
import { DownloadSimpleIcon } from '@phosphor-icons/react';
import { useRef, useState } from 'react';
import { toast } from 'sonner';
import { useUndo } from '@/bench/useUndo';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import { Button } from '@/ui/Button';
import { Popup, PopupLink } from '@/ui/Popup';

interface Imported {
  words: string;
  change: number | null;
  rejects: { row: number; column: string; value: string; reason: string }[];
}

/** Listings taken away and brought in again, in open formats. */
export function Carry() {
  const handle = useHandle();
  const file = useRef<HTMLInputElement>(null);
  const [done, setDone] = useState<Imported | null>(null);
  const undo = useUndo();
  const bring = (chosen: File | undefined) => {
    if (!chosen) return;
    const form = new FormData();
    form.append('file', chosen);
    send<Imported>('POST', route('bench.import', handle), form)
      .then((answer) => {
        setDone(answer);
        router.reload();
        if (answer.change !== null) undo(answer.change, answer.words);
        else toast(answer.words);
      })
      .catch((e: unknown) => toast.error(words(e), { duration: 10_000 }))
      .finally(() => {
        if (file.current) file.current.value = '';
      });
  };
  return (
    <Popup width={380} trigger={<PopupLink mark={<DownloadSimpleIcon size={15} aria-hidden />}>Out and in</PopupLink>}>
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
        A file that went out from here, changed in a spreadsheet or by a program. Your words, prices and order follow it.
      </p>
      <Button small onClick={() => file.current?.click()}>
        Choose the file
      </Button>
      <input
        ref={file}
        type="file"
        accept=".csv,.json"
        className="sr-only"
        aria-label="File of listings"
        data-import
        onChange={(e) => bring(e.target.files?.[0])}
      />
      {done && (
        <div className="mt-3 text-[13px]" role="status">
          <p>{done.words}</p>
          {done.rejects.slice(0, 8).map((r) => (
            <p key={`${String(r.row)}${r.column}`} className="text-ochre">
              Row {r.row}, {r.column} {r.value && `“${r.value}”`}: {r.reason}
            </p>
          ))}
        </div>
      )}
    </Popup>
  );
}
