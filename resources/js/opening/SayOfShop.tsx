import { useState, type CSSProperties } from 'react';
import { ShopColours } from '@/opening/ShopColours';
import { ShopPicture, type Shown } from '@/opening/ShopPicture';
import type { FirstShopView } from '@/types/opening';
import { Button } from '@/ui/Button';

export interface Said {
  name: string;
  sentence: string;
  colours: string[];
  picture: number | null;
}

interface Props {
  first: FirstShopView;
  busy: boolean;
  onBegin: (said: Said) => void;
}

const BLANK =
  'rounded-none border-b-2 border-you/60 bg-transparent px-1 font-semibold text-ink placeholder:font-normal';

/** As wide as what stands in it. */
const SNUG = { fieldSizing: 'content', minWidth: '5ch', maxWidth: '100%' } as CSSProperties;

/** What is said of the shop, as one sentence whose parts are filled in where they stand. */
export function SayOfShop({ first, busy, onBegin }: Props) {
  const [name, setName] = useState(first.name);
  const [sentence, setSentence] = useState(first.sentence);
  const [colours, setColours] = useState(first.colours);
  const [picture, setPicture] = useState<Shown | null>(null);
  const run = first.run;
  const laying = run?.open === true;
  return (
    <form
      className="max-w-[860px]"
      onSubmit={(e) => {
        e.preventDefault();
        onBegin({ name, sentence, colours, picture: picture?.id ?? null });
      }}
    >
      <div className="name text-[21px] leading-[2.1]">
        <input
          aria-label="What the shop is called"
          required
          maxLength={40}
          value={name}
          onChange={(e) => {
            setName(e.target.value);
          }}
          style={SNUG}
          className={BLANK}
        />
        {' sells '}
        <input
          aria-label="What it sells"
          required
          maxLength={120}
          placeholder="tools and twine for small vegetable plots"
          value={sentence}
          onChange={(e) => {
            setSentence(e.target.value);
          }}
          style={SNUG}
          className={BLANK}
        />
        {' in '}
        <ShopColours colours={colours} onColours={setColours} />
        {', with '}
        <ShopPicture picture={picture} onPicture={setPicture} />.
      </div>
      <div className="mt-4 flex min-h-10 flex-wrap items-center gap-4">
        <Button kind={first.ways.length > 0 ? 'plain' : 'do'} type="submit" disabled={busy || laying}>
          {first.ways.length > 0 ? 'Lay it out anew' : 'Lay out a first shop'}
        </Button>
        {laying ? (
          <span role="status" className="flex items-center gap-3">
            <progress max={run.total ?? 1} value={run.total === null ? undefined : run.done} className="h-1.5 w-40" />
            {run.doing}
          </span>
        ) : (
          <span className="text-mute">It takes up to a minute. You can go on elsewhere meanwhile.</span>
        )}
      </div>
    </form>
  );
}
