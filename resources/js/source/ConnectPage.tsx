import { Head, Link, useForm } from '@inertiajs/react';
import { useRef, useState } from 'react';
import { useHandle } from '@/lib/useStall';
import { fieldsOf } from '@/lib/fields';
import type { KindView } from '@/types/source';
import { Button } from '@/ui/Button';
import { Pills } from '@/ui/Pills';
import { TextField } from '@/ui/TextField';

/** Connecting a supplier: first whom, then what that kind needs. Address and key are tried before anything is kept. */
export default function ConnectPage({ kinds, kind }: { kinds: KindView[]; kind: string | null }) {
  const handle = useHandle();
  const chosen = kinds.find((k) => k.kind === kind);
  return (
    <div className="mx-auto w-full max-w-[640px] px-6 py-10">
      <Head title="Connect a supplier" />
      {chosen ? (
        <>
          <Link
            href={route('source.connect', handle)}
            className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
          >
            Another kind of supplier
          </Link>
          <h1 className="name mt-3 text-[30px]">
            {chosen.mapped ? 'Connect by a file or feed' : `Connect ${chosen.name}`}
          </h1>
          <p className="mt-1 mb-8 text-mute">{chosen.about}</p>
          {chosen.mapped ? <FileForm kind={chosen} /> : <KeyForm kind={chosen} />}
        </>
      ) : (
        <>
          <h1 className="name text-[30px]">Connect a supplier</h1>
          <p className="mt-1 mb-6 text-mute">Whose goods do you want to sell?</p>
          <ul className="border-t border-line">
            {kinds.map((k) => (
              <li key={k.kind} className="border-b border-line">
                <Link
                  href={route('source.connect', [handle, { kind: k.kind }])}
                  className="group block px-2 py-4 hover:bg-sheet"
                >
                  <span className="name text-[19px] text-sup group-hover:underline">{k.name}</span>
                  <span className="mt-0.5 block text-mute">{k.about}</span>
                </Link>
              </li>
            ))}
          </ul>
        </>
      )}
    </div>
  );
}

function KeyForm({ kind }: { kind: KindView }) {
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

function FileForm({ kind }: { kind: KindView }) {
  const handle = useHandle();
  const [how, setHow] = useState('address');
  const file = useRef<HTMLInputElement>(null);
  const form = useForm<{ kind: string; name: string; address: string; file: File | null }>({
    kind: kind.kind,
    name: '',
    address: '',
    file: null,
  });
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        form.transform((data) => (how === 'file' ? { ...data, address: '' } : { ...data, file: null }));
        form.post(route('source.connections.store', handle), { forceFormData: true });
      }}
      className="space-y-6"
    >
      <TextField
        label="What the supplier is called"
        name="name"
        autoFocus
        value={form.data.name}
        error={form.errors.name}
        onChange={(e) => {
          form.setData('name', e.target.value);
        }}
      />
      <Pills
        label="How the list comes"
        value={how}
        choices={[
          { value: 'address', label: 'From an address, each night' },
          { value: 'file', label: 'I send a file' },
        ]}
        onChoose={setHow}
      />
      {how === 'address' ? (
        <TextField
          label="Address of the list"
          name="address"
          value={form.data.address}
          error={form.errors.address}
          spellCheck={false}
          hint="CSV, a spreadsheet (.xlsx), XML, JSON or NDJSON, plain or packed as gz or zip. In the demo, Kilnfold’s own page has two."
          onChange={(e) => {
            form.setData('address', e.target.value);
          }}
        />
      ) : (
        <div>
          <input
            ref={file}
            type="file"
            data-file
            aria-label="The file"
            className="sr-only"
            onChange={(e) => {
              form.setData('file', e.target.files?.[0] ?? null);
            }}
          />
          <div className="flex items-center gap-3">
            <Button onClick={() => file.current?.click()}>{form.data.file ? 'Another file' : 'Choose a file'}</Button>
            <span className="text-mute">
              {form.data.file
                ? form.data.file.name
                : 'CSV, a spreadsheet (.xlsx), XML, JSON or NDJSON, plain or packed as gz or zip, up to 1 GB.'}
            </span>
          </div>
          {form.progress?.percentage !== undefined && form.processing && (
            <progress
              value={form.progress.percentage}
              max={100}
              className="mt-3 h-2 w-full text-sup"
              aria-label="Sending the file"
            />
          )}
        </div>
      )}
      <Button kind="do" type="submit" disabled={form.processing || form.data.name.trim() === ''}>
        {form.processing ? 'Reading the first rows…' : 'Read its first rows'}
      </Button>
    </form>
  );
}
