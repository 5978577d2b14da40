import type { ReactNode } from 'react';

/** An empty area: what belongs in it, and the one next step. */
export function Empty({ title, children, step }: { title: string; children: ReactNode; step?: ReactNode }) {
  return (
    <div className="mx-auto max-w-md px-6 py-20 text-center">
      <h2 className="name text-[22px]">{title}</h2>
      <p className="mt-2 mb-5 text-mute">{children}</p>
      {step}
    </div>
  );
}
