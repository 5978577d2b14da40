import { router } from '@inertiajs/react';
import { useState, type SyntheticEvent } from 'react';
import { send } from '@/lib/http';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import type { MadeShelfView } from '@/types/shelves';
import { Button } from '@/ui/Button';
import { Pills } from '@/ui/Pills';
import { Popup } from '@/ui/Popup';
import { TextField } from '@/ui/TextField';

const RULE = { join: 'all', parts: [] };

/** A new shelf: its name, and whether a rule fills it or hands do. */
export function NewShelf() {
  const handle = useHandle();
  const { busy, trouble, during } = useSend('here');
  const [name, setName] = useState('');
  const [way, setWay] = useState('ruled');
  const make = (e: SyntheticEvent) => {
    e.preventDefault();
    void during(
      send<MadeShelfView>('POST', route('shelves.store', handle), {
        name: name.trim(),
        rule: way === 'ruled' ? RULE : null,
      }).then(({ shelf }) => router.visit(route('shelves.shelf', [handle, shelf]))),
    );
  };
  return (
    <Popup width={360} trigger={<Button kind="do">Make a shelf</Button>}>
      <form onSubmit={make} className="grid gap-4">
        <TextField
          label="What stands on it"
          placeholder="Seed sowing"
          value={name}
          onChange={(e) => setName(e.target.value)}
          error={trouble || undefined}
          maxLength={80}
          autoFocus
        />
        <Pills
          label="How it fills"
          value={way}
          onChoose={setWay}
          choices={[
            { value: 'ruled', label: 'A rule fills it' },
            { value: 'hand', label: 'I pick by hand' },
          ]}
        />
        <Button kind="do" type="submit" disabled={busy || name.trim() === ''}>
          Make it
        </Button>
      </form>
    </Popup>
  );
}
