import { type ReactNode } from 'react';

export function Table({ heads, children }: { heads: string[]; children: ReactNode }) {
  return (
    <table className="mt-1 w-full">
      <thead>
        <tr className="text-left text-[12.5px] text-mute [&>th]:py-1 [&>th]:pr-4 [&>th]:font-normal">
          {heads.map((h) => (
            <th key={h} scope="col">
              {h === '' ? <span className="sr-only">What can be done</span> : h}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>{children}</tbody>
    </table>
  );
}
