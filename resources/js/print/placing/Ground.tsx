import { ChosenWord } from './ChosenWord';

/** What a ground is to begin with: unbleached paper. */
const FIRST = '#f2ead8';

interface Props {
  ground: string | null;
  onSay: (ground: string | null) => void;
}

/** What lies under the drawing: what is printed on, or a colour of its own over the whole area. */
export function Ground({ ground, onSay }: Props) {
  return (
    <>
      <ChosenWord
        label="What lies under it"
        value={ground === null ? 'bare' : 'own'}
        choices={[
          { value: 'bare', label: 'with nothing under it' },
          { value: 'own', label: 'on a ground of its own' },
        ]}
        onPick={(picked) => onSay(picked === 'bare' ? null : FIRST)}
      />
      {ground !== null && (
        <>
          {' '}
          <input
            type="color"
            aria-label="Colour of the ground"
            value={ground}
            onChange={(e) => onSay(e.target.value)}
            className="h-[1.25em] w-[2em] cursor-pointer border border-line align-[-0.2em]"
          />
        </>
      )}
    </>
  );
}
