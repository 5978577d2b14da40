import { useForm } from '@inertiajs/react';
import { useRef, useState } from 'react';
import { useHandle } from '@/lib/useStall';
import type { KindView } from '@/types/source';
import { Button } from '@/ui/Button';
import { Pills } from '@/ui/Pills';
import { TextField } from '@/ui/TextField';

export function FileForm({ kind }: { kind: KindView }) {
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
