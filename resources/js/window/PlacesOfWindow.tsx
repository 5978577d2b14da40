import { Link } from '@inertiajs/react';
import { useHandle } from '@/lib/useStall';

const PLACES = [
  { key: 'front', name: 'Front page', to: 'window' },
  { key: 'pages', name: 'Pages and policies', to: 'window.pages' },
] as const;

/** The places of Window; the one that is open is the heading. */
export function PlacesOfWindow({ at }: { at: (typeof PLACES)[number]['key'] }) {
  const handle = useHandle();
  return (
    <nav aria-label="Window" className="flex items-baseline gap-5">
      {PLACES.map((p) =>
        p.key === at ? (
          <h1 key={p.key} className="name text-[25px] text-ink" aria-current="page">
            {p.name}
          </h1>
        ) : (
          <Link
            key={p.key}
            href={route(p.to, handle)}
            className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
          >
            {p.name}
          </Link>
        ),
      )}
    </nav>
  );
}
