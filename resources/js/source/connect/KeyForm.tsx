import { useForm } from '@inertiajs/react';
import { fieldsOf } from '@/lib/fields';
import { useHandle } from '@/lib/useStall';
import type { KindView } from '@/types/source';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

export function KeyForm({ kind }: { kind: KindView }) {
  const handle = useHandle();
  const form = useForm({ kind: kind.kind, address: kind.address, key: '' });
  const field = fieldsOf(form);
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        form.post(route('source.connections.store', handle));
      }}
      className="space-y-6"
    >
      <TextField label="Your key" {...field('key')} autoFocus spellCheck={false} hint={kind.keyHint} />
      <TextField label="Where it answers" {...field('address')} spellCheck={false} />
      <Button kind="do" type="submit" disabled={form.processing}>
        {form.processing ? 'Trying the key…' : 'Connect and pull the catalogue'}
      </Button>
    </form>
  );
}
