const WIDTHS = [
  { name: 'desk', width: 1280, words: '1280 wide, as on a desk' },
  { name: 'tablet', width: 768, words: '768 wide, as on a tablet' },
];
const SHOWN = 420;

interface Props {
  url: string;
  load: number;
  frame: (name: string) => (node: HTMLIFrameElement | null) => void;
}

/** The same page on wider screens, beside the notes. */
export function WideSheets({ url, load, frame }: Props) {
  return (
    <aside
      aria-label="The page on wider screens"
      className="sticky top-0 ml-auto flex-none space-y-3 self-start px-4 pt-3"
      style={{ width: SHOWN + 32 }}
    >
      {WIDTHS.map(({ name, width, words }) => (
        <figure key={name}>
          <figcaption className="mb-1 text-[12px] text-mute">{words}</figcaption>
          <div className="overflow-hidden border border-line bg-sheet" style={{ height: 252 }}>
            <iframe
              key={load}
              ref={frame(name)}
              title={`The front page ${words}`}
              src={url}
              style={{
                width,
                height: 252 / (SHOWN / width),
                transform: `scale(${String(SHOWN / width)})`,
                transformOrigin: '0 0',
                border: 0,
              }}
            />
          </div>
        </figure>
      ))}
    </aside>
  );
}
