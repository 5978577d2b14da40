import type { LookView } from '@/types/window';

const PAIRS = [
  { words: 'Text', on: 'ground', text: 'ink' },
  { words: 'Quieter text', on: 'ground', text: 'mute' },
  { words: 'The brand’s words', on: 'ground', text: 'brand' },
  { words: 'A sheet', on: 'sheet', text: 'ink' },
  { words: 'A pale surface', on: 'soft', text: 'brand' },
  { words: 'A band', on: 'band', text: 'ink' },
  { words: 'A button', on: 'fill', text: 'on-fill' },
  { words: 'Pointed at', on: 'fill-hover', text: 'on-fill' },
  { words: 'Pressed', on: 'fill-press', text: 'on-fill' },
  { words: 'Can’t be pressed', on: 'off', text: 'on-off' },
  { words: 'A corner tag', on: 'tag', text: 'on-tag' },
  { words: 'The deep', on: 'deep', text: 'on-deep' },
  { words: 'Second colour', on: 'second', text: 'on-second' },
  { words: 'Third colour', on: 'third', text: 'on-third' },
  { words: 'A sale price', on: 'ground', text: 'sale' },
  { words: 'An offer', on: 'offer', text: 'ink' },
];

/** Every tone that was computed, with the text that stands on it. */
export function TonesDrawer({ look }: { look: LookView }) {
  return (
    <>
      <h2 className="name text-[19px]">Tones</h2>
      <p className="mb-3 text-mute">
        {`Computed from the brand’s colours. The least contrast of all that is read is ${look.contrast} to 1; 4.5 is asked for.`}
      </p>
      <ul className="grid grid-cols-4 gap-2 xl:grid-cols-8">
        {PAIRS.map(({ words, on, text }) => (
          <li
            key={words}
            className="rounded-md border border-line px-3 py-3 text-[13.5px] font-semibold"
            style={{ background: look.tones[on], color: look.tones[text] }}
          >
            {words}
          </li>
        ))}
      </ul>
    </>
  );
}
