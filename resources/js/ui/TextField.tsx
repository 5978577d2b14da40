import { clsx } from 'clsx';
import { useId, type InputHTMLAttributes, type ReactNode } from 'react';

interface Props extends Omit<InputHTMLAttributes<HTMLInputElement>, 'id'> {
  label: string;
  error?: string | undefined;
  hint?: ReactNode;
  after?: string;
}

/** A labelled line to write on: a ruled line, not a box. */
export function TextField({ label, error, hint, after, className, ...rest }: Props) {
  const id = useId();
  return (
    <div className={className}>
      <label htmlFor={id} className="block text-[12.5px] text-mute">
        {label}
      </label>
      <div
        className={clsx(
          'flex items-baseline border-b-[1.5px] focus-within:border-you',
          error ? 'border-you' : 'border-rule',
        )}
      >
        <input
          id={id}
          className="w-full bg-transparent py-1 text-[15px] font-medium "
          aria-invalid={error ? true : undefined}
          aria-describedby={error ? `${id}-error` : undefined}
          {...rest}
        />
        {after && <span className="pl-2 whitespace-nowrap text-mute">{after}</span>}
      </div>
      {error ? (
        <p id={`${id}-error`} className="mt-1 text-[13px] font-medium text-you">
          {error}
        </p>
      ) : (
        hint && <p className="mt-1 text-[13px] text-mute">{hint}</p>
      )}
    </div>
  );
}
