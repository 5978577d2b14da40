import { router } from '@inertiajs/react';
import { useState } from 'react';
import { useHandle } from '@/lib/useStall';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

/** Addresses that are theirs too, those that may be, and one that the seller knows of. */
export function SamePerson({
  id,
  also,
  alike,
}: {
  id: number;
  also: string[];
  alike: { email: string; name: string; town: string }[];
}) {
  const handle = useHandle();
  const [other, setOther] = useState('');
  const same = (email: string, apart = false) => {
    router.post(route('counter.person.same', [handle, id]), { email, apart }, { preserveScroll: true });
  };
  return (
    <div className="mt-1 text-[14px]">
      {also.map((email) => (
        <p key={email}>
          {email}{' '}
          <Button
            kind="quiet"
            small
            onClick={() => {
              same(email, true);
            }}
          >
            isn’t them
          </Button>
        </p>
      ))}
      {alike.map((one) => (
        <p key={one.email} data-alike={one.email}>
          {one.name} in {one.town}, {one.email}, may be the same.{' '}
          <Button
            kind="quiet"
            small
            onClick={() => {
              same(one.email);
            }}
          >
            They are the same
          </Button>
        </p>
      ))}
      <details className="mt-1">
        <summary className="cursor-pointer text-mute">Another address of theirs</summary>
        <form
          className="mt-1 flex items-end gap-3"
          onSubmit={(e) => {
            e.preventDefault();
            same(other);
          }}
        >
          <TextField
            label="Their other mail address"
            type="email"
            className="flex-1"
            value={other}
            onChange={(e) => {
              setOther(e.target.value);
            }}
          />
          <Button small type="submit" disabled={other.trim() === ''}>
            Join them
          </Button>
        </form>
      </details>
    </div>
  );
}
