import type { ReactNode } from 'react';

interface Props {
  title: string;
  children: ReactNode;
  step?: ReactNode;
  /** Whether nothing else is on the page. */
  alone?: boolean;
}

/** An empty area: what belongs in it, and the one next step. */
export function Empty({ title, children, step, alone = false }: Props) {
  const Heading = alone ? 'h1' : 'h2';
  return (
    <div className="mx-auto max-w-md px-6 py-20 text-center">
      <Heading className="name text-[22px]">{title}</Heading>
      <p className="mt-2 mb-5 text-mute">{children}</p>
      {step}
    </div>
  );
}
