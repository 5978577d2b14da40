import { type ReactNode } from 'react';

export function Fact({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div>
      <dt className="text-[12.5px] text-mute">{name}</dt>
      <dd className="text-[17px] font-semibold">{children}</dd>
    </div>
  );
}
