import { useState, type ReactNode, type SyntheticEvent } from 'react';
import { percentOf, shareOf } from '@/lib/share';
import { SetFields } from '@/offers/SetFields';
import { offBy, type WrittenCode, type WrittenOff } from '@/offers/written';
import type { ShelfChoiceView } from '@/types/offers';
import { ChoiceField } from '@/ui/ChoiceField';
import { Pills } from '@/ui/Pills';
import { Popup } from '@/ui/Popup';
import { SayFoot } from '@/ui/SayFoot';
import { TextField } from '@/ui/TextField';

interface Props {
  code: WrittenCode;
  shelves: ShelfChoiceView[];
  goods: ShelfChoiceView[];
  countries: { code: string; name: string }[];
  currency: string;
  trigger: ReactNode;
  fresh: boolean;
  onSay: (code: WrittenCode) => Promise<boolean>;
  onRemove?: (() => Promise<boolean>) | undefined;
}

const KINDS: { value: WrittenOff['by']; label: string }[] = [
  { value: 'percent', label: 'a share' },
  { value: 'amount', label: 'an amount' },
  { value: 'pieces', label: 'some pieces' },
  { value: 'gift', label: 'a gift' },
  { value: 'set', label: 'a set' },
  { value: 'delivery', label: 'the delivery' },
];

/** How many goods of the window each of them needs. */
const NEEDS: Partial<Record<WrittenOff['by'], number>> = { gift: 1, set: 2 };

/** What a code takes off, off what, when, how often and for whom. */
export function CodeEditor({ code, shelves, goods, countries, currency, trigger, fresh, onSay, onRemove }: Props) {
  const [open, setOpen] = useState(false);
  const [said, setSaid] = useState(code);
  const put = (other: Partial<WrittenCode>) => setSaid((now) => ({ ...now, ...other }));
  const say = (e: SyntheticEvent) => {
    e.preventDefault();
    void onSay(said).then((ok) => ok && setOpen(false));
  };
  const how = said.singles ? 'singles' : said.code === '' && !fresh ? 'itself' : 'code';
  const [by, setBy] = useState(how);
  return (
    <Popup
      width={460}
      align="start"
      open={open}
      onOpen={(next) => {
        if (next) {
          setSaid(code);
          setBy(how);
        }
        setOpen(next);
      }}
      trigger={trigger}
    >
      <form onSubmit={say} className="grid gap-4 text-[15px] leading-normal">
        <Pills
          label="Who gets it"
          value={by}
          onChoose={(next) => {
            setBy(next);
            put({ singles: next === 'singles', code: next === 'code' ? said.code : '' });
          }}
          choices={[
            { value: 'code', label: 'whoever types a code' },
            { value: 'singles', label: 'each by a code of their own' },
            { value: 'itself', label: 'everybody' },
          ]}
        />
        {by === 'code' && (
          <TextField
            label="Code"
            placeholder="BEANS10"
            required
            value={said.code}
            onChange={(e) => put({ code: e.target.value })}
          />
        )}
        <Pills
          label="What is taken off"
          value={said.off.by}
          onChoose={(kind) => {
            const off = kind as WrittenOff['by'];
            // A set stands beside its goods, where everybody gets it.
            if (off === 'set' && fresh && said.code === '' && !said.singles) setBy('itself');
            put({
              off: offBy(
                off,
                goods.map((one) => one.id),
              ),
              ...(off === 'set' ? {} : unset(said)),
            });
          }}
          choices={KINDS.filter((kind) => goods.length >= (NEEDS[kind.value] ?? 0))}
        />
        <Off off={said.off} goods={goods} currency={currency} onSay={(off) => put({ off })} />
        {said.off.by !== 'set' && (
          <Holds
            label={said.off.by === 'gift' ? 'Beside' : 'Off'}
            holds={said.holds}
            shelves={shelves}
            onSay={(holds) => put({ holds })}
          />
        )}
        <div className="grid grid-cols-2 gap-5">
          <TextField
            label="From"
            type="datetime-local"
            value={said.starts}
            onChange={(e) => put({ starts: e.target.value })}
          />
          <TextField
            label="Until"
            type="datetime-local"
            value={said.ends}
            onChange={(e) => put({ ends: e.target.value })}
          />
          <TextField
            label="For goods worth at least"
            after={currency}
            inputMode="decimal"
            placeholder="anything"
            value={said.least ?? ''}
            onChange={(e) => put({ least: e.target.value })}
          />
          <ChoiceField
            label="Sent to"
            value={said.countries[0] ?? ''}
            onChange={(e) => put({ countries: e.target.value === '' ? [] : [e.target.value] })}
            choices={[{ value: '', label: 'anywhere' }, ...countries.map((c) => ({ value: c.code, label: c.name }))]}
          />
          <TextField
            label="Times in all"
            inputMode="numeric"
            placeholder="any number"
            value={String(said.most_uses ?? '')}
            onChange={(e) => put({ most_uses: e.target.value })}
          />
          <TextField
            label="Times for each customer"
            inputMode="numeric"
            placeholder="any number"
            value={String(said.most_each ?? '')}
            onChange={(e) => put({ most_each: e.target.value })}
          />
        </div>
        <Tick label="For a first order only" on={said.first_only} onSay={(first_only) => put({ first_only })} />
        <Tick label="Together with other codes" on={said.together} onSay={(together) => put({ together })} />
        <Tick
          label="Under the floor of the goods, too"
          on={said.under_floor}
          onSay={(under_floor) => put({ under_floor })}
        />
        <SayFoot say={fresh ? 'Make it' : 'Say it'} remove="End it" onRemove={onRemove} onDone={() => setOpen(false)} />
      </form>
    </Popup>
  );
}

/** What a set held for was its goods. */
const unset = (code: WrittenCode): Partial<WrittenCode> => (code.off.by === 'set' ? { holds: { by: 'all' } } : {});

interface OffProps {
  off: WrittenOff;
  goods: ShelfChoiceView[];
  currency: string;
  onSay: (off: WrittenOff) => void;
}

function Off({ off, goods, currency, onSay }: OffProps) {
  const [percent, setPercent] = useState(off.by === 'percent' ? percentOf(off.share) : '');
  switch (off.by) {
    case 'percent':
      return (
        <TextField
          label="Share"
          after="%"
          inputMode="decimal"
          required
          value={percent}
          onChange={(e) => {
            setPercent(e.target.value);
            onSay({ ...off, share: shareOf(e.target.value) });
          }}
        />
      );
    case 'amount':
      return (
        <TextField
          label="Amount"
          after={currency}
          inputMode="decimal"
          required
          value={off.amount}
          onChange={(e) => onSay({ ...off, amount: e.target.value })}
        />
      );
    case 'pieces':
      return (
        <div className="grid grid-cols-2 gap-5">
          <TextField
            label="Of each"
            after="pieces"
            inputMode="numeric"
            value={String(off.of)}
            onChange={(e) => onSay({ ...off, of: e.target.value })}
          />
          <TextField
            label="so many are paid"
            inputMode="numeric"
            value={String(off.paid)}
            onChange={(e) => onSay({ ...off, paid: e.target.value })}
          />
        </div>
      );
    case 'gift':
      return (
        <ChoiceField
          label="One piece of"
          value={String(off.goods)}
          onChange={(e) => onSay({ by: 'gift', goods: Number(e.target.value) })}
          choices={goods.map((one) => ({ value: String(one.id), label: one.name }))}
        />
      );
    case 'set':
      return <SetFields set={off} goods={goods} currency={currency} onSay={onSay} />;
    default:
      return <p className="text-mute">What the first way costs is taken off.</p>;
  }
}

function Holds({
  label,
  holds,
  shelves,
  onSay,
}: {
  label: string;
  holds: WrittenCode['holds'];
  shelves: ShelfChoiceView[];
  onSay: (holds: WrittenCode['holds']) => void;
}) {
  const first = shelves[0];
  return (
    <div className="grid grid-cols-2 gap-5">
      <ChoiceField
        label={label}
        value={holds.by}
        onChange={(e) =>
          onSay(
            e.target.value === 'shelves'
              ? { by: 'shelves', values: first ? [first.id] : [] }
              : { by: e.target.value, ...(e.target.value === 'all' ? {} : { values: [] }) },
          )
        }
        choices={[
          { value: 'all', label: 'everything' },
          { value: 'tags', label: 'goods with a tag' },
          ...(first ? [{ value: 'shelves', label: 'what stands on a shelf' }] : []),
          ...(holds.by === 'goods' ? [{ value: 'goods', label: 'certain goods' }] : []),
        ]}
      />
      {holds.by === 'tags' && (
        <TextField
          label="Tagged"
          value={(holds.values ?? []).join(', ')}
          onChange={(e) => onSay({ by: 'tags', values: e.target.value.split(',').map((tag) => tag.trimStart()) })}
        />
      )}
      {holds.by === 'shelves' && (
        <ChoiceField
          label="Which"
          value={String(holds.values?.[0] ?? '')}
          onChange={(e) => onSay({ by: 'shelves', values: [Number(e.target.value)] })}
          choices={shelves.map((s) => ({ value: String(s.id), label: s.name }))}
        />
      )}
    </div>
  );
}

function Tick({ label, on, onSay }: { label: string; on: boolean; onSay: (on: boolean) => void }) {
  return (
    <label className="flex items-baseline gap-2">
      <input type="checkbox" checked={on} onChange={(e) => onSay(e.target.checked)} className="accent-you" />
      {label}
    </label>
  );
}
