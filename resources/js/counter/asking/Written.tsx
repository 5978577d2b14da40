import { clsx } from 'clsx';
import type { AskedView } from '@/types/counter';

interface Props {
  asked: AskedView;
}

/** What both wrote. */
export function Written({ asked }: Props) {
  return (
    <ol aria-label="What was written" className="mt-6">
      {asked.said.map((one, n) => (
        <li key={n} className={clsx('mb-4 max-w-[60ch] border-l-[3px] pl-3', one.theirs ? 'border-sup' : 'border-you')}>
          <p className="text-[12.5px] text-mute">
            {one.theirs ? asked.supplier : 'You'}, {one.when}
            {one.waits && ', on its way to them'}
          </p>
          <p className="whitespace-pre-line">{one.words}</p>
          {n === 0 && asked.picture && <img src={asked.picture} alt="" className="mt-2 max-h-48" />}
        </li>
      ))}
    </ol>
  );
}
