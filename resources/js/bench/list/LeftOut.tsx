import { Link } from '@inertiajs/react';
import { useHandle } from '@/lib/useStall';
import type { LeftView } from '@/types/bench';

/** What can't be put in the window yet, each with what it lacks. */
export function LeftOut({ left }: { left: LeftView[] }) {
  const handle = useHandle();
  if (left.length === 0) return null;
  return (
    <section aria-label="What can’t be shown yet" className="mx-6 mb-3 border-l-4 border-ochre bg-ochre-soft px-4 py-3">
      <h2 className="font-semibold">
        {left.length === 1 ? 'One can’t be shown yet' : `${String(left.length)} can’t be shown yet`}
      </h2>
      <ul>
        {left.map((l) => (
          <li key={l.id}>
            <Link className="underline" href={route('bench.listing', [handle, l.id])}>
              {l.title}
            </Link>
            : {l.lacks.map((lack) => lack.words).join(' ')}
          </li>
        ))}
      </ul>
    </section>
  );
}
