import { Link } from '@inertiajs/react';

interface Props {
  ways: { id: number; name: string; way: string }[];
  handle: string;
}

/** How each supplier takes its orders. */
export function TakesOrders({ ways, handle }: Props) {
  return (
    <>
      <h2 className="mt-9 text-[12.5px] text-mute">How each supplier takes its orders</h2>
      <ul>
        {ways.map((one) => (
          <li
            key={one.id}
            className="flex flex-wrap items-baseline gap-x-4 border-t border-line py-2"
            data-way={one.name}
          >
            <span className="w-44 font-medium text-sup">{one.name}</span>
            <span className="flex-1">{one.way}</span>
            <Link
              href={route('counter.by-mail', [handle, one.id])}
              className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
            >
              by mail…
            </Link>
          </li>
        ))}
      </ul>
    </>
  );
}
