import { useState, type SyntheticEvent } from 'react';
import type { PaymentView } from '@/types/counter';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

export function PaymentKey({ payment, onSay }: { payment: PaymentView; onSay: (key: string) => Promise<boolean> }) {
  const [key, setKey] = useState('');
  const keep = (e: SyntheticEvent) => {
    e.preventDefault();
    void onSay(key).then((ok) => {
      if (ok) setKey('');
    });
  };
  return (
    <form onSubmit={keep} className="grid gap-2">
      <TextField
        label="A key of the payment service"
        type="password"
        autoComplete="off"
        value={key}
        onChange={(e) => setKey(e.target.value)}
        hint={
          payment.hasLive
            ? 'There is one for real payments. Another takes its place.'
            : payment.ownTest
              ? 'There is one for trying out, and none for real payments yet.'
              : 'The program tries payments out with a key of its own. One for real payments you get from the service.'
        }
      />
      <div>
        <Button type="submit" disabled={key.trim() === ''}>
          Keep the key
        </Button>
      </div>
    </form>
  );
}
