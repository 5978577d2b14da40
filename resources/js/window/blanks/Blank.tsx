import type { BlankProps } from '@/window/blanks/props';
import { FilmBlank } from '@/window/blanks/FilmBlank';
import { GoodsBlank } from '@/window/blanks/GoodsBlank';
import { PictureBlank } from '@/window/blanks/PictureBlank';
import { RichBlank } from '@/window/blanks/RichBlank';
import { RowsBlank } from '@/window/blanks/RowsBlank';
import { SelectBlank } from '@/window/blanks/SelectBlank';
import { WayBlank } from '@/window/blanks/WayBlank';
import { WordsBlank } from '@/window/blanks/WordsBlank';

/** A part of a sentence that is edited where it stands. */
export function Blank(props: BlankProps) {
  const { field, value, reach, onSay } = props;
  switch (field.type) {
    case 'choice':
      return <SelectBlank label={field.label} value={String(value)} choices={field.choices} onSay={onSay} />;
    case 'listing':
      return (
        <SelectBlank
          label={field.label}
          value={typeof value === 'number' ? String(value) : ''}
          choices={[
            { value: '', label: 'the newest' },
            ...reach.goods.map((g) => ({ value: String(g.id), label: g.title })),
          ]}
          onSay={(id) => {
            onSay(id === '' ? null : Number(id));
          }}
        />
      );
    case 'tag':
      return (
        <SelectBlank
          label={field.label}
          value={String(value)}
          choices={[{ value: '', label: 'which tag?' }, ...reach.tags]}
          onSay={onSay}
        />
      );
    case 'listings':
      return <GoodsBlank {...props} />;
    case 'film':
      return <FilmBlank {...props} />;
    case 'picture':
      return <PictureBlank {...props} />;
    case 'shelf':
      return <WayBlank {...props} only="shelf:" />;
    case 'way':
      return <WayBlank {...props} />;
    case 'rich':
      return <RichBlank {...props} />;
    case 'rows':
      return <RowsBlank {...props} Part={Blank} />;
    default:
      return <WordsBlank {...props} />;
  }
}
