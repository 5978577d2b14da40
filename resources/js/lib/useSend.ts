import { useState } from 'react';
import { words } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';

/**
 * Sends things for a part of the screen: whether one is under way, and what went wrong, said in passing or held to be
 * shown here.
 */
export function useSend(where: 'passing' | 'here' = 'passing') {
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState('');

  /** Gives whether it went well. */
  const during = (call: Promise<unknown>): Promise<boolean> => {
    setBusy(true);
    setTrouble('');
    return call
      .then(() => true)
      .catch((error: unknown) => {
        if (where === 'here') setTrouble(words(error));
        else sayTrouble(error);
        return false;
      })
      .finally(() => setBusy(false));
  };

  return { busy, trouble, during };
}
