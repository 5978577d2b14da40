import type { ReactNode } from 'react';
import { Awning } from '@/ui/Awning';

/** The screens before one is inside: a sheet under an awning. */
export function Door({ title, children, foot }: { title: string; children: ReactNode; foot?: ReactNode }) {
  return (
    <div className="min-h-screen bg-paper">
      <Awning brand="#2c5a43" shade="#f1dfb8" />
      <main className="mx-auto w-full max-w-[400px] px-6 pt-[12vh]">
        <p className="name text-[17px] text-[#2c5a43]">Window Stall</p>
        <h1 className="name mt-1 mb-7 text-[32px]">{title}</h1>
        {children}
        {foot && <p className="mt-6 text-mute">{foot}</p>}
      </main>
    </div>
  );
}
