import { clsx } from 'clsx';
import type { ParticularsView } from '@/types/window';
import { CellField } from '@/ui/CellField';

interface Props {
  particulars: ParticularsView;
  onSay: (said: Record<string, unknown>) => Promise<boolean>;
}

/** Who runs the stall and how it takes things back, as sentences whose blanks are filled where they stand. */
export function ParticularsSentence({ particulars: p, onSay }: Props) {
  const word = 'field-sizing-content min-w-[3ch] leading-tight font-medium text-ink';
  const blank = (column: string, label: string, value: string, placeholder: string, asked = true) => (
    <CellField
      label={label}
      value={value}
      placeholder={placeholder}
      inputMode="text"
      onSay={(said) => onSay({ [column]: said === '' ? null : said })}
      className={clsx(word, asked ? 'placeholder:text-ochre' : 'placeholder:text-mute')}
    />
  );
  const days = p.leastDays > 0 ? `${String(p.leastDays)} or more` : 'how many';
  return (
    <div className="max-w-[96ch] leading-[2.1] text-mute" role="group" aria-label="What only you know" data-particulars>
      The shop is run by {blank('trader', 'Who runs it', p.trader, 'a person or a company')} of{' '}
      {blank('street', 'House and street', p.street, 'house and street')}, {blank('town', 'Town', p.town, 'town')}{' '}
      {blank('postcode', 'Postcode', p.postcode, 'postcode')}, {p.country}; shoppers write to{' '}
      {blank('email', 'E-mail', p.email, 'an e-mail')} or ring {blank('phone', 'Telephone', p.phone, 'nobody', false)}.
      It is registered as {blank('register', 'Register', p.register, 'nothing', false)} with the VAT number{' '}
      {blank('tax_number', 'VAT number', p.taxNumber, 'none', false)}. Things can be sent back within{' '}
      {blank('return_days', 'Days for sending back', p.returnDays, days)} days, and{' '}
      <select
        aria-label="Who pays for sending back"
        value={p.returnBy}
        onChange={(e) => void onSay({ return_by: e.target.value === '' ? null : e.target.value })}
        className={clsx(
          'field-sizing-content border-b border-rule/40 bg-transparent leading-tight font-medium',
          p.returnBy === '' ? 'text-ochre' : 'text-ink',
        )}
      >
        <option value="">who pays?</option>
        <option value="shopper">the shopper pays</option>
        <option value="stall">the shop pays</option>
      </select>{' '}
      the post. Orders are kept for {blank('keep_years', 'Years orders are kept', p.keepYears, 'how many')} years.
    </div>
  );
}
