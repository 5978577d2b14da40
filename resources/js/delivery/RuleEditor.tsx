import { useState, type ReactNode, type SyntheticEvent } from 'react';
import type { WrittenRule } from '@/delivery/written';
import type { PackingView } from '@/types/delivery';
import { ChoiceField } from '@/ui/ChoiceField';
import { Pills } from '@/ui/Pills';
import { Popup } from '@/ui/Popup';
import { SayFoot } from '@/ui/SayFoot';
import { TextField } from '@/ui/TextField';

interface Props {
  /** Null for a new one. */
  rule: WrittenRule | null;
  packing: PackingView[];
  trigger: ReactNode;
  onSay: (rule: WrittenRule) => Promise<boolean>;
  onRemove?: () => Promise<boolean>;
}

/** Goods that aren't sent to a place, or cost more to send there. */
export function RuleEditor({ rule, packing, trigger, onSay, onRemove }: Props) {
  const fresh: WrittenRule = { by: 'tag', value: '', more: null };
  const [open, setOpen] = useState(false);
  const [said, setSaid] = useState(rule ?? fresh);
  const say = (e: SyntheticEvent) => {
    e.preventDefault();
    void onSay(said).then((ok) => ok && setOpen(false));
  };
  const first = String(packing[0]?.id ?? '');
  return (
    <Popup
      width={400}
      align="start"
      open={open}
      onOpen={(next) => {
        if (next) setSaid(rule ?? fresh);
        setOpen(next);
      }}
      trigger={trigger}
    >
      <form onSubmit={say} className="grid gap-4 text-[15px] leading-normal">
        <ChoiceField
          label="Goods"
          value={said.by}
          onChange={(e) => setSaid({ ...said, by: e.target.value, value: e.target.value === 'supplier' ? first : '' })}
          choices={[
            { value: 'tag', label: 'with a tag' },
            { value: 'heavier', label: 'that are heavy' },
            { value: 'supplier', label: 'of one supplier' },
          ]}
        />
        {said.by === 'supplier' ? (
          <ChoiceField
            label="Which"
            value={said.value}
            onChange={(e) => setSaid({ ...said, value: e.target.value })}
            choices={packing.map((p) => ({ value: String(p.id), label: p.name }))}
          />
        ) : (
          <TextField
            label={said.by === 'tag' ? 'Tagged' : 'One piece weighs more than'}
            after={said.by === 'tag' ? '' : 'g'}
            value={said.value}
            onChange={(e) => setSaid({ ...said, value: e.target.value })}
          />
        )}
        <Pills
          label="What of them"
          value={said.more === null ? 'not' : 'more'}
          onChoose={(v) => setSaid({ ...said, more: v === 'not' ? null : '' })}
          choices={[
            { value: 'not', label: 'aren’t sent there' },
            { value: 'more', label: 'cost more to send' },
          ]}
        />
        {said.more !== null && (
          <TextField
            label="More, for each parcel they are in"
            inputMode="decimal"
            value={said.more}
            onChange={(e) => setSaid({ ...said, more: e.target.value })}
          />
        )}
        <SayFoot say={rule === null ? 'Add it' : 'Say it'} onRemove={onRemove} onDone={() => setOpen(false)} />
      </form>
    </Popup>
  );
}
