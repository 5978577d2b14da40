import { useId } from 'react';
import type { FieldView, KindView, SectionView, WindowGoodView } from '@/types';
import { Button } from '@/ui/Button';
import { ChoiceField } from '@/ui/ChoiceField';
import { Pills } from '@/ui/Pills';
import { TextField } from '@/ui/TextField';

interface Props {
  kind: KindView;
  section: SectionView;
  goods: WindowGoodView[];
  onChange: (settings: Record<string, unknown>) => void;
  onRemove: () => void;
}

/** A section's settings, drawn from what its kind asks for. */
export function SectionForm({ kind, section, goods, onChange, onRemove }: Props) {
  const set = (name: string, value: unknown) => {
    onChange({ ...section.settings, [name]: value });
  };
  // Goods are chosen only where choosing is asked for.
  const fields = kind.fields.filter((f) => f.type !== 'listings' || section.settings.which === 'chosen');
  return (
    <div className="space-y-5 pt-1">
      {fields.map((field) => (
        <Setting
          key={field.name}
          field={field}
          value={section.settings[field.name]}
          goods={goods}
          onSet={(value) => {
            set(field.name, value);
          }}
        />
      ))}
      <div className="border-t border-line pt-4">
        <Button kind="quiet" onClick={onRemove}>
          Remove this section
        </Button>
      </div>
    </div>
  );
}

function Setting({
  field,
  value,
  goods,
  onSet,
}: {
  field: FieldView;
  value: unknown;
  goods: WindowGoodView[];
  onSet: (value: unknown) => void;
}) {
  const id = useId();
  const text = typeof value === 'string' ? value : '';
  switch (field.type) {
    case 'choice':
      return (
        <div>
          <div className="mb-1 text-[12.5px] text-mute">{field.label}</div>
          <Pills label={field.label} value={text} choices={field.choices} onChoose={onSet} />
        </div>
      );
    case 'listing':
      return (
        <ChoiceField
          label={field.label}
          value={typeof value === 'number' ? String(value) : ''}
          choices={[{ value: '', label: 'Newest in the window' }, ...goods.map((g) => ({ value: String(g.id), label: g.title }))]}
          onChange={(e) => {
            onSet(e.target.value === '' ? null : Number(e.target.value));
          }}
        />
      );
    case 'listings': {
      const chosen = Array.isArray(value) ? value.filter((v): v is number => typeof v === 'number') : [];
      return (
        <fieldset>
          <legend className="mb-1 text-[12.5px] text-mute">{field.label}</legend>
          {goods.map((g) => (
            <label key={g.id} className="flex items-center gap-2 border-b border-shade py-1">
              <input
                type="checkbox"
                className="size-4 accent-[#a8431f]"
                checked={chosen.includes(g.id)}
                onChange={(e) => {
                  onSet(e.target.checked ? [...chosen, g.id] : chosen.filter((c) => c !== g.id));
                }}
              />
              <span className="min-w-0 flex-1 truncate">{g.title}</span>
            </label>
          ))}
          {goods.length === 0 && <p className="text-mute">Nothing is in the window yet.</p>}
        </fieldset>
      );
    }
    case 'text':
      return (
        <div>
          <label htmlFor={id} className="block text-[12.5px] text-mute">
            {field.label}
          </label>
          <textarea
            id={id}
            value={text}
            maxLength={field.most}
            rows={5}
            onChange={(e) => {
              onSet(e.target.value);
            }}
            className="w-full resize-y rounded-sm border-b-[1.5px] border-rule bg-transparent py-1 text-[15px] outline-none focus:border-you"
          />
        </div>
      );
    default:
      return (
        <TextField
          label={field.label}
          value={text}
          maxLength={field.most}
          onChange={(e) => {
            onSet(e.target.value);
          }}
          hint={text.length > field.most * 0.8 ? `${String(field.most - text.length)} letters left` : undefined}
        />
      );
  }
}
