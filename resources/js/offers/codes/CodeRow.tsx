import { clsx } from 'clsx';
import { count } from '@/lib/plural';
import type { CodeView } from '@/types/offers';

export function CodeRow({ code, children }: { code: CodeView; children: React.ReactNode }) {
  return (
    <li
      className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b border-line bg-sheet px-6 py-3 text-[16px]"
      data-code={code.code}
    >
      <span className="min-w-0 flex-1">
        {code.code !== '' ? (
          <>
            With <b className="font-semibold tracking-wide">{code.code}</b>,{' '}
          </>
        ) : code.singles ? (
          'With a code of one’s own, '
        ) : (
          'By itself, '
        )}
        {children}
        {code.terms.length > 0 && `, ${code.terms.join(', ')}`}.
      </span>
      <span className={clsx('text-[14px]', code.runs ? 'font-medium text-see' : 'text-mute')}>{code.stands}</span>
      <span className="w-28 text-right text-[14px] text-mute">
        {code.uses === 0 ? 'not used yet' : count(code.uses, 'order', 'orders')}
      </span>
    </li>
  );
}
