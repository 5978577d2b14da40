import { router } from '@inertiajs/react';
import { useState } from 'react';
import { useHandle } from '@/lib/useStall';
import type { OrderView } from '@/types/counter';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

/** What the shopper was mailed; where it didn't arrive, the address is put right and it goes again. */
export function Mailed({ order }: { order: OrderView }) {
  const handle = useHandle();
  const [email, setEmail] = useState(order.email);
  if (order.told.length === 0) return null;
  return (
    <>
      <h2 className="mt-5 mb-1 text-[12.5px] text-mute">Mailed</h2>
      <ul className="text-[14px]">
        {order.told.map((one) => (
          <li key={one}>{one}</li>
        ))}
      </ul>
      {order.unmailed && (
        <form
          className="mt-2 flex items-end gap-3"
          onSubmit={(e) => {
            e.preventDefault();
            router.post(route('counter.mail', [handle, order.id]), { email }, { preserveScroll: true });
          }}
        >
          <TextField
            label="Nobody takes it there. Their address is"
            type="email"
            className="flex-1"
            value={email}
            onChange={(e) => {
              setEmail(e.target.value);
            }}
          />
          <Button small type="submit">
            Mail it again
          </Button>
        </form>
      )}
    </>
  );
}
