import { useState } from 'react';
import type { Measures } from '@/window/useSheets';

const PHONE = 390;
/** How large the phone's page stands here. */
export const SCALE = 352 / PHONE;

interface Props {
  name: string;
  url: string;
  measures: Measures | null;
  frame: (node: HTMLIFrameElement | null) => void;
}

/** The page as the shopper's phone gets it, 390 wide, as long as it is: it scrolls with what stands beside it. */
export function PageSheet({ name, url, measures, frame }: Props) {
  const [src] = useState(url);
  const height = measures?.height ?? 1400;
  return (
    <div
      className="relative flex-none overflow-hidden border-x border-b border-line bg-sheet"
      style={{ width: PHONE * SCALE + 2, height: height * SCALE }}
    >
      <iframe
        ref={frame}
        title={`${name} as the shopper’s phone shows it`}
        src={src}
        data-sheet
        style={{ width: PHONE, height, transform: `scale(${String(SCALE)})`, transformOrigin: '0 0', border: 0 }}
      />
    </div>
  );
}
