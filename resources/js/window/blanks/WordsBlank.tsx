import { useEffect, useState } from 'react';
import type { BlankProps } from '@/window/blanks/Blank';
import { BLANK } from '@/ui/blank';

/** Words typed where they stand: on the page they show at once. Amounts and days are said when one leaves them. */
export function WordsBlank({ field, value, onSay }: BlankProps) {
  const given = typeof value === 'string' ? value : '';
  const [typed, setTyped] = useState(given);
  useEffect(() => {
    setTyped(given);
  }, [given]);
  const atOnce = field.type === 'line' || field.type === 'text';
  const type = (text: string) => {
    setTyped(text);
    if (atOnce) onSay(text);
  };
  const leave = () => {
    if (!atOnce && typed !== given) onSay(typed);
  };
  if (field.type === 'text') {
    return (
      <textarea
        aria-label={field.label}
        value={typed}
        maxLength={field.most}
        placeholder={field.label.toLowerCase()}
        rows={1}
        onChange={(e) => {
          type(e.target.value);
        }}
        className={`${BLANK} field-sizing-content inline-block max-h-[220px] w-full resize-none align-top leading-[1.5] font-medium`}
      />
    );
  }
  return (
    <input
      aria-label={field.label}
      value={typed}
      maxLength={field.most}
      type={field.type === 'date' ? 'date' : 'text'}
      placeholder={field.label.toLowerCase()}
      onChange={(e) => {
        type(e.target.value);
      }}
      onBlur={leave}
      onKeyDown={(e) => {
        if (e.key === 'Enter') e.currentTarget.blur();
      }}
      className={`${BLANK} field-sizing-content max-w-full min-w-10`}
    />
  );
}
