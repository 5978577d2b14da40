import { Head, useForm } from '@inertiajs/react';
import { fieldsOf } from '@/lib/fields';
import { useHandle } from '@/lib/useStall';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

/** Connecting a supplier: where it answers, and the key from the account there. The key is tried before anything is kept. */
export default function ConnectPage({ address }: { address: string }) {
  const handle = useHandle();
  const form = useForm({ address, key: '' });
  const field = fieldsOf(form);
  return (
    <div className="mx-auto w-full max-w-[560px] px-6 py-12">
      <Head title="Connect a supplier" />
      <h1 className="name text-[30px]">Connect Oakum Depot</h1>
      <p className="mt-1 mb-8 text-mute">
        A wholesaler with warehouses in Britain, Germany, China and the United States. It posts each parcel straight to the shopper.
      </p>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          form.post(route('source.connections.store', handle));
        }}
        className="space-y-6"
      >
        <TextField
          label="Your key"
          {...field('key')}
          autoFocus
          spellCheck={false}
          hint="From your account at the supplier. Beside the demo’s stand-in, oakum-second-key is one."
        />
        <TextField label="Where it answers" {...field('address')} spellCheck={false} />
        <Button kind="do" type="submit" disabled={form.processing}>
          {form.processing ? 'Trying the key…' : 'Connect and pull the catalogue'}
        </Button>
      </form>
    </div>
  );
}
