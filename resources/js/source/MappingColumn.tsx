import { clsx } from 'clsx';
import type { MappingColumnView } from '@/types/source';

interface Props {
  column: MappingColumnView;
  fields: Record<string, string>;
  field: string;
  onMean: (field: string) => void;
}

/** One column: its name and first values, what it means, and how sure the guess was and why. */
export function MappingColumn({ column, fields, field, onMean }: Props) {
  const guessed = column.guess !== null && column.guess === field;
  return (
    <tr
      className={clsx('border-t border-line align-top [&>td]:py-2', field === '' && 'text-mute')}
      data-column={column.name}
    >
      <td className="max-w-0">
        <b className="font-semibold">{column.name}</b>
        <span className="block truncate text-[13px] text-sup" title={column.values.join('\n')}>
          {column.values.length > 0 ? column.values.join(' · ') : 'empty in the first rows'}
        </span>
      </td>
      <td className="pl-3">
        <select
          aria-label={`What ${column.name} means`}
          value={field}
          onChange={(e) => onMean(e.target.value)}
          className={clsx(
            'w-full border-b-[1.5px] border-rule bg-transparent py-0.5 font-medium text-ink',
            ' focus:border-you',
          )}
        >
          <option value="">nothing I need</option>
          {Object.entries(fields).map(([key, label]) => (
            <option key={key} value={key}>
              {label}
            </option>
          ))}
        </select>
      </td>
      <td className="pl-4 text-[12.5px] max-md:hidden" title={column.why}>
        {guessed ? (
          <>
            <span className="flex items-center gap-2">
              <span className="h-1.5 w-16 overflow-hidden rounded-full bg-shade" aria-hidden>
                <span
                  className={clsx('block h-full', column.confidence >= 70 ? 'bg-see' : 'bg-ochre')}
                  style={{ width: `${String(column.confidence)}%` }}
                />
              </span>
              {column.confidence}%
            </span>
            <span className="line-clamp-2 text-mute">{column.why}</span>
          </>
        ) : (
          <span className="text-mute">
            {field === '' ? (column.guess ? `perhaps ${fields[column.guess] ?? ''}` : 'not known') : 'you say so'}
          </span>
        )}
      </td>
    </tr>
  );
}
