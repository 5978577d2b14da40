import { Link } from '@inertiajs/react';

interface Place {
  key: string;
  name: string;
  href: string;
}

/** The places of an area side by side; the one that is open is the heading. */
export function Places({ label, at, places }: { label: string; at: string; places: Place[] }) {
  return (
    <nav aria-label={label} className="flex flex-wrap items-baseline gap-x-5 gap-y-1 whitespace-nowrap">
      {places.map((p) =>
        p.key === at ? (
          <h1 key={p.key} className="name text-[26px] text-ink" aria-current="page">
            {p.name}
          </h1>
        ) : (
          <Link
            key={p.key}
            href={p.href}
            className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
          >
            {p.name}
          </Link>
        ),
      )}
    </nav>
  );
}
