import type { PlacingAreaView, PlacingView } from '@/types/print';

import { Button } from '@/ui/Button';
import { ChosenWord } from './ChosenWord';
import { Ground } from './Ground';
import { Length } from './Length';
import { laidOn, mm, withLaid, withPiece, type Draft } from './units';

interface Props {
  view: PlacingView;
  draft: Draft;
  area: PlacingAreaView;
  at: number;
  onAt: (n: number) => void;
  onArea: (code: string) => void;
  onChange: (next: Draft) => void;
  onFit: (piece: number, as: 'within' | 'fill') => void;
}

/** What stands where, as a sentence whose parts can be changed. */
export function PlacingSentence({ view, draft, area, at, onAt, onArea, onChange, onFit }: Props) {
  const laid = laidOn(draft, area);
  const piece = laid.pieces[at];
  const artworks = view.artworks.map((a) => ({ value: String(a.id), label: a.name }));
  const nothing = { value: '', label: 'nothing' };
  const put = (change: Parameters<typeof withPiece>[3]) => onChange(withPiece(draft, laid, at, change));

  const add = (id: string) => {
    const artwork = view.artworks.find((a) => String(a.id) === id);
    if (!artwork) return;
    const width = Math.round(area.width * 5);
    const height = Math.round((width * artwork.height) / artwork.width);
    const tall = Math.min(height, area.height * 8);
    const fitted = Math.round((tall * artwork.width) / artwork.height);
    onChange(
      withLaid(draft, {
        ...laid,
        pieces: [
          ...laid.pieces,
          { artwork: artwork.id, x: 0, y: area.height, width: fitted, height: tall, turn: 0, repeat: false },
        ],
      }),
    );
    onAt(laid.pieces.length);
  };
  const take = (id: string) => {
    if (id === '') {
      onChange(withLaid(draft, { ...laid, pieces: laid.pieces.filter((_, n) => n !== at) }));
      onAt(0);
      return;
    }
    const artwork = view.artworks.find((a) => String(a.id) === id);
    if (artwork && piece) {
      const height = Math.round((piece.width * artwork.height) / artwork.width);
      onChange(
        withLaid(draft, {
          ...laid,
          pieces: laid.pieces.map((p, n) => (n === at ? { ...p, artwork: artwork.id, height } : p)),
        }),
      );
    }
  };
  return (
    <div className="text-[15.5px] leading-[2]" data-sentence>
      On the{' '}
      <ChosenWord
        label="Where it is printed"
        value={area.code}
        choices={view.areas.map((a) => ({ value: a.code, label: a.name.toLowerCase() }))}
        onPick={onArea}
      />{' '}
      {piece ? (
        <>
          stands{' '}
          <ChosenWord
            label="What stands there"
            value={String(piece.artwork)}
            choices={[...artworks, nothing]}
            onPick={take}
          />
          ,{' '}
          <Length
            label="Width in millimetres"
            value={piece.width}
            onSay={(width) => put({ width: Math.max(20, width) })}
          />{' '}
          mm wide,{' '}
          <Length
            label={`Millimetres below ${area.from}`}
            value={(area.top - area.fromTop) * 10 + piece.y}
            onSay={(y) => put({ y: y - (area.top - area.fromTop) * 10 })}
          />{' '}
          mm below {area.from},{' '}
          {piece.x === 0 ? (
            <span className="font-semibold text-you">in the middle</span>
          ) : (
            <>
              <Length
                label={`Millimetres ${piece.x < 0 ? 'left' : 'right'} of the middle`}
                value={Math.abs(piece.x)}
                onSay={(x) => put({ x: piece.x < 0 ? -x : x })}
              />{' '}
              mm {piece.x < 0 ? 'left' : 'right'} of the middle
            </>
          )}
          , turned by <Length label="Turned by, in degrees" value={piece.turn} onSay={(turn) => put({ turn })} />
          °, by{' '}
          <ChosenWord
            label="How it is printed"
            value={laid.method}
            choices={area.methods.map((m) => ({ value: m.code, label: m.name.toLowerCase() }))}
            onPick={(method) => onChange(withLaid(draft, { ...laid, method }))}
          />{' '}
          <Ground ground={laid.ground} onSay={(ground) => onChange(withLaid(draft, { ...laid, ground }))} />.
          <span className="block leading-normal">
            <span className="flex flex-wrap items-center gap-x-4 gap-y-1 text-[13.5px]">
              {piece.x !== 0 && (
                <Button kind="quiet" small onClick={() => put({ x: 0 })}>
                  To the middle
                </Button>
              )}
              <Button kind="quiet" small onClick={() => onFit(at, 'within')}>
                As large as it goes
              </Button>
              <Button kind="quiet" small onClick={() => onFit(at, 'fill')}>
                Over the whole area
              </Button>
              <Button kind="quiet" small onClick={() => put({ repeat: !piece.repeat })}>
                {piece.repeat ? 'Once only' : 'Repeat it all over'}
              </Button>
              <ChosenWord
                label="Lay another artwork beside it"
                value=""
                choices={[{ value: '', label: 'and another …' }, ...artworks]}
                onPick={add}
              />
              {laid.pieces.length > 1 && (
                <span className="text-mute">
                  {laid.pieces.length} lie here; this is the one {mm(piece.width)} mm wide.
                </span>
              )}
            </span>
          </span>
        </>
      ) : (
        <>
          stands <ChosenWord label="What stands there" value="" choices={[nothing, ...artworks]} onPick={add} />.
        </>
      )}
    </div>
  );
}
