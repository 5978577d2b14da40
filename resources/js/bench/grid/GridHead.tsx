import { Link, router } from '@inertiajs/react';

interface Props {
  handle: string;
  tags: string[];
  tag: string;
  state: string | null;
}

/** The ways out of the grid, and which tag it shows. */
export function GridHead({ handle, tags, tag, state }: Props) {
  return (
    <div className="flex items-baseline gap-6 px-6 pt-5 pb-3">
      <h1 className="name text-[26px]">Bench, as a grid</h1>
      <Link
        href={route('bench', handle)}
        className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
      >
        As a list
      </Link>
      {tags.length > 0 && (
        <label className="text-mute">
          tagged{' '}
          <select
            value={tag}
            onChange={(e) =>
              router.get(route('bench.grid', handle), {
                ...(state ? { state } : {}),
                ...(e.target.value ? { tag: e.target.value } : {}),
              })
            }
            className="border-b border-rule bg-transparent py-1 font-medium text-ink"
          >
            <option value="">anything</option>
            {tags.map((t) => (
              <option key={t}>{t}</option>
            ))}
          </select>
        </label>
      )}
      <span className="ml-auto text-[13px] text-mute">
        Tab and Enter move on · Ctrl D fills down · a block from a spreadsheet can be pasted
      </span>
    </div>
  );
}
