import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { ThreadLineView } from '@/types/counter';

/** All between a stall and a person in one thread: what they bought and wrote, what came back, what was answered. */
export function PersonThread({ lines, name }: { lines: ThreadLineView[]; name: string }) {
  return (
    <ol aria-label={`You and ${name}`}>
      {lines.map((line) => {
        const said = line.kind === 'ours' || line.kind === 'theirs';
        return (
          <li
            key={line.key}
            data-kind={line.kind}
            className={clsx(
              'mb-3 border-l-[3px] py-0.5 pl-4',
              line.kind === 'ours' ? 'border-you' : line.kind === 'theirs' ? 'border-see' : 'border-line',
            )}
          >
            <p className="text-[12.5px] text-mute">
              {said && `${line.kind === 'ours' ? 'You' : name}, `}
              {line.when}
            </p>
            {said || line.link === null ? (
              <p className="whitespace-pre-wrap">{line.words}</p>
            ) : (
              <Link href={line.link} className="text-mute underline decoration-line underline-offset-4 hover:text-ink">
                {line.words}
              </Link>
            )}
          </li>
        );
      })}
    </ol>
  );
}
