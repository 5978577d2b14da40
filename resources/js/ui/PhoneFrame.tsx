import { clsx } from 'clsx';
import { useEffect, useRef, useState } from 'react';

const PHONE = 390;

/**
 * The shopper's phone with the real page in it. A new page is loaded behind the old one and swapped in, so nothing
 * flickers.
 */
export function PhoneFrame({
  src,
  stamp,
  title,
  width = 300,
}: {
  src: string;
  stamp: number;
  title: string;
  width?: number;
}) {
  const address = `${src}#${String(stamp)}`;
  const [shown, setShown] = useState(address);
  const [coming, setComing] = useState<string | null>(null);
  const box = useRef<HTMLDivElement>(null);
  const [height, setHeight] = useState(560);
  const scale = width / PHONE;

  useEffect(() => {
    if (address !== shown) setComing(address);
  }, [address, shown]);
  useEffect(() => {
    const node = box.current;
    if (!node) return;
    const watch = new ResizeObserver(() => {
      setHeight(node.clientHeight);
    });
    watch.observe(node);
    return () => {
      watch.disconnect();
    };
  }, []);

  const frame = (url: string, ready: boolean) => (
    <iframe
      key={url}
      title={title}
      src={url}
      onLoad={() => {
        if (!ready) {
          setShown(url);
          setComing(null);
        }
      }}
      tabIndex={ready ? 0 : -1}
      style={{
        width: PHONE,
        height: height / scale,
        transform: `scale(${String(scale)})`,
        transformOrigin: '0 0',
        position: 'absolute',
        top: 0,
        left: 0,
        border: 0,
        opacity: ready ? 1 : 0,
        pointerEvents: ready ? 'auto' : 'none',
      }}
    />
  );

  return (
    <div
      className={clsx(
        'mx-auto flex min-h-0 flex-1 flex-col overflow-hidden rounded-t-[28px] border-[7px] border-b-0',
        'border-[#2a2622] bg-sheet',
      )}
      style={{ width: width + 14 }}
    >
      <div ref={box} className="relative min-h-0 flex-1 overflow-hidden rounded-t-[20px]">
        {frame(shown, true)}
        {coming && coming !== shown && frame(coming, false)}
      </div>
    </div>
  );
}
