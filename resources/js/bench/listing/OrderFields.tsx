import { clsx } from 'clsx';
import { useTyped } from '@/lib/useTyped';
import type { ListingView } from '@/types/bench';

/** The seller's own order: type, tags, maker, and notes no shopper sees. */
export function OrderFields({
  listing,
  onSay,
  onGrownUp,
}: {
  listing: ListingView;
  onSay: (order: Record<string, string>) => Promise<boolean>;
  onGrownUp: (only: boolean) => void;
}) {
  const { type, maker, notes, tags } = listing.details.order;
  const given = { type, maker, notes, tags: tags.join(', ') };
  const field = (name: keyof typeof given, label: string, placeholder: string) => (
    <OrderField
      name={name}
      label={label}
      placeholder={placeholder}
      said={given[name]}
      onSay={(typed) => onSay({ [name]: typed })}
    />
  );
  return (
    <div className="grid grid-cols-2 gap-x-6 gap-y-3">
      {field('type', 'Type', 'Hand tools')}
      {field('maker', 'Maker', 'Who makes it')}
      <div className="col-span-2">{field('tags', 'Tags, parted by commas', 'spring, gifts, copper')}</div>
      <div className="col-span-2">{field('notes', 'Notes, for you alone', '')}</div>
      <label className="col-span-2 flex items-baseline gap-2">
        <input
          type="checkbox"
          checked={listing.details.order.grownUp}
          onChange={(e) => onGrownUp(e.target.checked)}
          className="accent-you"
        />
        <span>
          Sold to grown-ups only <span className="text-mute">– shoppers are asked once, by their country’s age</span>
        </span>
      </label>
    </div>
  );
}

interface FieldProps {
  name: string;
  label: string;
  placeholder: string;
  said: string;
  onSay: (typed: string) => Promise<boolean>;
}

function OrderField({ name, label, placeholder, said, onSay }: FieldProps) {
  const { field } = useTyped(said, onSay);
  return (
    <label className="block text-[12.5px] text-mute">
      {label}
      <input
        data-field={name}
        placeholder={placeholder}
        {...field}
        className={clsx(
          'w-full border-b border-line bg-transparent py-1 text-[14px] text-ink ',
          'placeholder:text-rule focus:border-you',
        )}
      />
    </label>
  );
}
