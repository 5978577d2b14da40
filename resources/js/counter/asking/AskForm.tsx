import { Link, useForm } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useId } from 'react';
import { useHandle } from '@/lib/useStall';
import { Button } from '@/ui/Button';
import { ChoiceField } from '@/ui/ChoiceField';
import { TextField } from '@/ui/TextField';

export interface AskableItem {
  id: number;
  title: string;
  supplier: number;
  variants: { id: number; label: string }[];
}

interface Props {
  suppliers: { id: number; name: string }[];
  item: AskableItem | null;
  currency: string;
  formKey: string;
}

type Kind = 'goods' | 'change' | 'sample' | 'ahead';

const KINDS: Record<Kind, { says: string; words: string; pieces: string | null; wished: string | null }> = {
  goods: {
    says: 'goods they don’t list',
    words: 'What is it?',
    pieces: 'Pieces at a time',
    wished: 'Wished cost of a piece',
  },
  change: {
    says: 'this changed',
    words: 'What should be different: logo, colour, packing?',
    pieces: 'Pieces at a time',
    wished: 'At most so much more for each',
  },
  sample: { says: 'a sample of this, to me', words: 'What would you like to know?', pieces: 'Pieces', wished: null },
  ahead: {
    says: 'pieces of this ahead, for less',
    words: 'When, and for how long?',
    pieces: 'Pieces',
    wished: 'Wished cost of a piece',
  },
};

/** A request to a supplier, as a sentence that is filled in. */
export function AskForm({ suppliers, item, currency, formKey }: Props) {
  const handle = useHandle();
  const words = useId();
  const form = useForm({
    key: formKey,
    supplier: String(item?.supplier ?? suppliers[0]?.id ?? ''),
    kind: (item ? 'sample' : 'goods') as Kind,
    item: item?.id ?? null,
    variant: String(item?.variants[0]?.id ?? ''),
    pieces: '',
    wished: '',
    words: '',
    link: '',
    picture: null as File | null,
  });
  const { data, setData, errors } = form;
  const kind = KINDS[data.kind];
  const kinds = (Object.keys(KINDS) as Kind[]).filter((one) => item !== null || one === 'goods');
  const needsVariant = data.kind === 'sample' || data.kind === 'ahead';
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        form.transform((typed) => ({
          ...typed,
          item: typed.kind === 'goods' ? null : typed.item,
          variant: needsVariant ? typed.variant : null,
          wished: kind.wished === null || typed.wished === '' ? null : typed.wished,
          pieces: typed.pieces === '' ? null : typed.pieces,
          link: typed.link === '' ? null : typed.link,
        }));
        form.post(route('counter.asking.ask', handle));
      }}
    >
      <h2 className="text-[12.5px] text-mute">{item ? 'Ask for something' : 'Ask for goods they don’t list'}</h2>
      {item && <p className="name mt-1 text-[18px] leading-snug text-sup">{item.title}</p>}
      <fieldset className="mt-2" hidden={item === null}>
        <legend className="sr-only">What for</legend>
        {kinds.map((one) => (
          <label key={one} className="flex cursor-pointer items-baseline gap-2 border-t border-line py-1.5">
            <input
              type="radio"
              name="kind"
              checked={data.kind === one}
              onChange={() => {
                setData('kind', one);
              }}
            />
            <span className={clsx(data.kind === one && 'font-semibold')}>I’d like {KINDS[one].says}</span>
          </label>
        ))}
      </fieldset>
      {item === null && (
        <p className="mt-1 border-t border-line pt-2 text-[13px] text-mute">
          For a change, a sample or pieces ahead, open the goods in{' '}
          <Link href={route('source', handle)} className="underline decoration-line underline-offset-4">
            Source
          </Link>{' '}
          and choose “Ask about it”.
        </p>
      )}
      {item === null && suppliers.length > 1 && (
        <ChoiceField
          label="Of"
          className="mt-3"
          value={data.supplier}
          choices={suppliers.map((one) => ({ value: String(one.id), label: one.name }))}
          onChange={(e) => {
            setData('supplier', e.target.value);
          }}
        />
      )}
      {needsVariant && item && item.variants.length > 1 && (
        <ChoiceField
          label="Which"
          className="mt-3"
          value={data.variant}
          choices={item.variants.map((one) => ({ value: String(one.id), label: one.label }))}
          onChange={(e) => {
            setData('variant', e.target.value);
          }}
        />
      )}
      <label htmlFor={words} className="mt-3 block text-[12.5px] text-mute">
        {kind.words}
      </label>
      <textarea
        id={words}
        rows={4}
        maxLength={2000}
        className="w-full border-[1.5px] border-rule bg-transparent px-2.5 py-2 text-[15px] focus:border-you"
        value={data.words}
        aria-invalid={errors.words ? true : undefined}
        onChange={(e) => {
          setData('words', e.target.value);
        }}
      />
      {errors.words && <p className="text-[13px] font-medium text-you">{errors.words}</p>}
      <div className="mt-3 flex flex-wrap gap-x-6 gap-y-3">
        {kind.pieces && (
          <TextField
            label={kind.pieces}
            inputMode="numeric"
            className="w-36"
            value={data.pieces}
            error={errors.pieces}
            onChange={(e) => {
              setData('pieces', e.target.value);
            }}
          />
        )}
        {kind.wished && (
          <TextField
            label={kind.wished}
            inputMode="decimal"
            className="w-56"
            after={currency}
            value={data.wished}
            error={errors.wished}
            onChange={(e) => {
              setData('wished', e.target.value);
            }}
          />
        )}
      </div>
      {(data.kind === 'goods' || data.kind === 'change') && (
        <div className="mt-3 flex flex-wrap items-end gap-x-6 gap-y-3">
          <TextField
            label="A page that shows something like it"
            type="url"
            className="w-72"
            value={data.link}
            error={errors.link}
            onChange={(e) => {
              setData('link', e.target.value);
            }}
          />
          <label className="text-[12.5px] text-mute">
            A picture
            <input
              type="file"
              accept="image/*"
              className="mt-1 block text-[13.5px] text-ink"
              onChange={(e) => {
                setData('picture', e.target.files?.[0] ?? null);
              }}
            />
            {errors.picture && <span className="block text-[13px] font-medium text-you">{errors.picture}</span>}
          </label>
        </div>
      )}
      <Button kind="do" type="submit" className="mt-5" disabled={form.processing}>
        Ask them
      </Button>
    </form>
  );
}
