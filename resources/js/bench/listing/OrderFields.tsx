import { clsx } from 'clsx';
import { useEffect, useState } from 'react';
import type { ListingView } from '@/types';

/** The seller's own order: type, tags, maker, and notes no shopper sees. */
export function OrderFields({
  listing,
  onSay,
}: {
  listing: ListingView;
  onSay: (order: Record<string, string>) => Promise<boolean>;
}) {
  const given = { ...listing.order, tags: listing.order.tags.join(', ') };
  const said = JSON.stringify(given);
  const [own, setOwn] = useState(given);
  useEffect(() => {
    setOwn(JSON.parse(said) as typeof given);
  }, [said]);
  const field = (name: keyof typeof given, label: string, placeholder: string) => (
    <label className="block text-[12.5px] text-mute">
      {label}
      <input
        value={own[name]}
        data-field={name}
        placeholder={placeholder}
        onChange={(e) => setOwn({ ...own, [name]: e.target.value })}
        onBlur={() => {
          if (own[name] !== given[name]) void onSay({ [name]: own[name] });
        }}
        onKeyDown={(e) => {
          if (e.key === 'Enter') e.currentTarget.blur();
        }}
        className={clsx(
          'w-full border-b border-line bg-transparent py-1 text-[14px] text-ink ',
          'placeholder:text-rule focus:border-you',
        )}
      />
    </label>
  );
  return (
    <div className="grid grid-cols-2 gap-x-6 gap-y-3">
      {field('type', 'Type', 'Hand tools')}
      {field('maker', 'Maker', 'Who makes it')}
      <div className="col-span-2">{field('tags', 'Tags, parted by commas', 'spring, gifts, copper')}</div>
      <div className="col-span-2">{field('notes', 'Notes, for you alone', '')}</div>
    </div>
  );
}
