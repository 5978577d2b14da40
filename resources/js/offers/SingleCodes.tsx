import { useState } from 'react';
import { count } from '@/lib/plural';
import { useHandle } from '@/lib/useStall';
import type { CodeView } from '@/types/offers';
import { Button } from '@/ui/Button';
import { Popup } from '@/ui/Popup';
import { TextField } from '@/ui/TextField';

interface Props {
  code: CodeView;
  onMake: (count: number) => Promise<boolean>;
  onSignUps: (on: boolean) => void;
}

/** Many codes for one use each: made at once, taken along as a table, or one given to whoever signs up. */
export function SingleCodes({ code, onMake, onSignUps }: Props) {
  const handle = useHandle();
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState('100');
  return (
    <>
      {' '}
      <Popup
        width={320}
        align="start"
        open={open}
        onOpen={setOpen}
        trigger={
          <button type="button" className="text-[14px] text-mute underline decoration-line underline-offset-4">
            {code.made === 0 ? 'make the codes' : count(code.made, 'code')}
            {code.forSignUps && ', one for each sign-up'}
          </button>
        }
      >
        <form
          className="grid gap-4 text-[15px]"
          onSubmit={(e) => {
            e.preventDefault();
            void onMake(Number(typed)).then((ok) => ok && setOpen(false));
          }}
        >
          <TextField
            label="How many more"
            inputMode="numeric"
            value={typed}
            onChange={(e) => setTyped(e.target.value)}
          />
          <label className="flex items-center gap-2 text-[14px]">
            <input
              type="checkbox"
              checked={code.forSignUps}
              onChange={(e) => onSignUps(e.target.checked)}
              className="size-4 accent-[#a8431f]"
            />
            Whoever signs up for mail gets one
          </label>
          <div className="flex items-center">
            {code.made > 0 && (
              <a
                href={route('codes.table', [handle, code.id])}
                className="text-mute underline decoration-line underline-offset-4"
              >
                Take them as CSV
              </a>
            )}
            <Button kind="do" small type="submit" className="ml-auto">
              Make them
            </Button>
          </div>
        </form>
      </Popup>
    </>
  );
}
