import { useRef } from 'react';
import type { OwnGoodView } from '@/types/bench';
import { Button } from '@/ui/Button';
import { CellField } from '@/ui/CellField';

interface Props {
  own: OwnGoodView;
  onSay: (what: object) => Promise<boolean>;
  onFile: (form: FormData) => Promise<boolean>;
}

/** The file that is fetched, for how long and how often. */
export function FileOfOwn({ own, onSay, onFile }: Props) {
  const input = useRef<HTMLInputElement>(null);
  const choose = (file: File | undefined) => {
    if (!file) return;
    const form = new FormData();
    form.append('file', file);
    void onFile(form).finally(() => {
      if (input.current) input.current.value = '';
    });
  };
  return (
    <div className="grid gap-4 py-4" data-own="download">
      <div>
        <h3 className="mb-1 text-[12px] text-mute">The file they get</h3>
        {own.file === '' ? (
          <p className="font-medium text-ochre">None yet: whoever buys it waits for you to choose one.</p>
        ) : (
          <p>
            <b className="break-all">{own.file}</b> <span className="text-mute">{own.sent}</span>
          </p>
        )}
        <p className="mt-2">
          <Button small onClick={() => input.current?.click()}>
            {own.file === '' ? 'Choose the file' : 'Choose a newer one'}
          </Button>
        </p>
        <input
          ref={input}
          type="file"
          className="sr-only"
          aria-label="The file they get"
          onChange={(e) => choose(e.target.files?.[0])}
        />
      </div>
      <p className="max-w-[44ch]">
        It can be fetched{' '}
        <CellField
          label="Times for each piece"
          inputMode="numeric"
          value={String(own.times)}
          onSay={(times) => onSay({ times })}
          className="w-[4ch] text-center font-semibold"
        />{' '}
        times, within{' '}
        <CellField
          label="Days after paying"
          inputMode="numeric"
          value={String(own.days)}
          onSay={(days) => onSay({ days })}
          className="w-[5ch] text-center font-semibold"
        />{' '}
        days after paying.
      </p>
      <p className="max-w-[44ch] text-[13px] text-mute">
        Shoppers fetch it on the page of their order, whose address nobody can guess. Each time is on record there and
        on your order. A newer file is what everybody gets from then on.
      </p>
    </div>
  );
}
