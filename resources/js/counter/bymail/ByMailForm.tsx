import { router } from '@inertiajs/react';
import type { Dispatch, SetStateAction } from 'react';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

interface Props {
  args: (string | number)[];
  to: string;
  at: string;
  keep: { preserveScroll: boolean };
  setTo: Dispatch<SetStateAction<string>>;
  zone: string;
  setAt: Dispatch<SetStateAction<string>>;
  first: string;
  hour: string;
}

/** Where a supplier's orders go, and after which hour. */
export function ByMailForm({ args, to, at, keep, setTo, zone, setAt, first, hour }: Props) {
  return (
    <form
      className="mt-4 flex flex-wrap items-end gap-x-6 gap-y-3"
      onSubmit={(e) => {
        e.preventDefault();
        router.put(route('counter.by-mail.say', args), { to, at }, keep);
      }}
    >
      <TextField
        label="Its address for orders"
        type="email"
        value={to}
        className="w-72"
        onChange={(e) => {
          setTo(e.target.value);
        }}
      />
      <TextField
        label={`After this hour, ${zone}`}
        value={at}
        className="w-40"
        onChange={(e) => {
          setAt(e.target.value);
        }}
      />
      <Button kind="do" type="submit" disabled={to === first && at === hour}>
        Send them so
      </Button>
    </form>
  );
}
