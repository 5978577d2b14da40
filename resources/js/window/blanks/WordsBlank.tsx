import type { BlankProps } from '@/window/blanks/props';
import { useTyped } from '@/lib/useTyped';
import { BLANK } from '@/ui/blank';

/** Words typed where they stand: on the page they show at once. Amounts and days are said when one leaves them. */
export function WordsBlank({ field, value, onSay }: BlankProps) {
  const given = typeof value === 'string' ? value : '';
  const atOnce = field.type === 'line' || field.type === 'text';
  const later = useTyped(given, (typed) => {
    onSay(typed);
    return Promise.resolve(true);
  });
  // What is said at once stands in the copy on this screen as it is typed; nothing has to be waited for.
  const typed = atOnce ? given : later.value;
  const type = (text: string) => {
    if (atOnce) onSay(text);
    else later.type(text);
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
      onBlur={later.leave}
      onKeyDown={(e) => {
        if (e.key === 'Enter') e.currentTarget.blur();
      }}
      className={`${BLANK} field-sizing-content max-w-full min-w-10`}
    />
  );
}
