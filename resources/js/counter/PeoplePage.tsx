import { Head, Link, router } from '@inertiajs/react';
import { useHandle } from '@/lib/useStall';
import type { BuyerView } from '@/types/counter';
import { SearchField } from '@/ui/SearchField';
import { useRowKeys } from '@/ui/useRowKeys';

/** Who bought, the latest first. */
export default function PeoplePage({ people, q }: { people: BuyerView[]; q: string }) {
  const handle = useHandle();
  const rows = useRowKeys(people.length, {});
  return (
    <div className="pb-10">
      <Head title="People" />
      <header className="flex flex-wrap items-end gap-x-6 gap-y-3 px-6 pt-5 pb-3 max-md:px-4">
        <h1 className="name text-[26px]">People</h1>
        <SearchField
          words={q}
          label="Find people"
          placeholder="name or mail"
          onSay={(said) => {
            router.get(route('counter.people', handle), said === '' ? {} : { q: said }, {
              preserveState: true,
              replace: true,
            });
          }}
        />
        <Link href={route('counter', handle)} className="text-mute underline decoration-line underline-offset-4">
          The desk
        </Link>
      </header>
      {people.length === 0 ? (
        <p className="border-t border-line px-6 py-10 text-mute">
          {q === '' ? 'Nobody has bought yet. Whoever does stands here.' : 'Nobody is like that.'}
        </p>
      ) : (
        <table className="w-full" {...rows.list}>
          <thead>
            <tr className="text-left text-[12.5px] text-mute [&>th]:px-2 [&>th]:py-1.5 [&>th]:font-normal">
              <th scope="col" className="pl-6!">
                Who
              </th>
              <th scope="col" className="max-md:hidden">
                Mail
              </th>
              <th scope="col">Came</th>
              <th scope="col" className="max-lg:hidden">
                Last
              </th>
              <th scope="col" className="pr-6! text-right">
                Spent
              </th>
            </tr>
          </thead>
          <tbody>
            {people.map((one, n) => (
              <tr
                key={one.id}
                className="border-t border-line bg-sheet hover:bg-paper [&>td]:px-2 [&>td]:py-2"
                data-person={one.email}
                data-row={n}
              >
                <td className="pl-6!">
                  <Link
                    href={route('counter.person', [handle, one.id])}
                    className="font-semibold hover:underline"
                    data-hand
                    tabIndex={rows.tab(n)}
                  >
                    {one.name}
                  </Link>
                  <span className="text-mute"> {one.town}</span>
                </td>
                <td className="text-mute max-md:hidden">{one.email}</td>
                <td>{one.came}</td>
                <td className="text-mute max-lg:hidden">{one.last}</td>
                <td className="pr-6! text-right">{one.spent.text}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </div>
  );
}
