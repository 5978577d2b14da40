import { CoverEditor } from '@/delivery/CoverEditor';
import { RuleEditor } from '@/delivery/RuleEditor';
import { WayEditor } from '@/delivery/WayEditor';
import { firstWay, tidied, written, type WrittenPlace, type WrittenWay } from '@/delivery/written';
import type { Parts } from '@/lib/parts';
import type { DeliveryPlaceView, DeliveryWayView, PackingView } from '@/types/delivery';

interface Props {
  place: DeliveryPlaceView;
  countries: { code: string; name: string }[];
  parts: Parts;
  packing: PackingView[];
  currency: string;
  onSay: (place: WrittenPlace) => Promise<boolean>;
  onRemove: () => Promise<boolean>;
}

/** Where something goes and on what terms, as a sentence whose parts are changed where they stand. */
export function PlaceSentence({ place, countries, parts, packing, currency, onSay, onRemove }: Props) {
  const said = written(place);
  const putWay = (n: number, way: WrittenWay | null) =>
    onSay({ ...said, ways: said.ways.flatMap((w, i) => (i === n ? (way === null ? [] : [tidied(way)]) : [w])) });
  const addWay = (way: WrittenWay) => onSay({ ...said, ways: [...said.ways, tidied(way)] });
  const postcodes = place.covers.map((c) => c.postcodes).filter((p) => p !== '');
  const [first] = said.ways;
  return (
    <li className="border-t border-line py-3.5 text-[16px] leading-[1.85]" data-place={place.said}>
      <span>
        To{' '}
        <CoverEditor
          name={said.name}
          covers={said.covers}
          countries={countries}
          parts={parts}
          trigger={<Part mark="place">{place.said}</Part>}
          onSay={(name, covers) => onSay({ ...said, name, covers })}
          onRemove={place.home ? null : onRemove}
        />
        {postcodes.length > 0 && <span className="text-mute"> ({postcodes.join('; ')})</span>}{' '}
        {place.ways.length === 0 && (
          <>
            it goes{' '}
            <WayEditor
              way={firstWay}
              alone
              currency={currency}
              trigger={<Part mark="way">not yet</Part>}
              onSay={addWay}
            />
            .
          </>
        )}
        {place.ways.map((way, n) => (
          <span key={n} className={place.ways.length > 1 ? 'block pl-6' : ''}>
            <Way
              way={way}
              alone={place.ways.length === 1}
              written={said.ways[n] ?? firstWay}
              currency={currency}
              onSay={(next) => putWay(n, next)}
              onRemove={() => putWay(n, null)}
            />
            {'. '}
          </span>
        ))}
        {place.rules.map((rule, n) => (
          <span key={`${rule.by} ${rule.value}`}>
            {n === 0 ? 'But ' : ', and '}
            <RuleEditor
              rule={said.rules[n] ?? null}
              packing={packing}
              trigger={<Part mark="rule">{rule.words}</Part>}
              onSay={(next) => onSay({ ...said, rules: said.rules.map((r, i) => (i === n ? next : r)) })}
              onRemove={() => onSay({ ...said, rules: said.rules.filter((_, i) => i !== n) })}
            />
            {n === place.rules.length - 1 && '. '}
          </span>
        ))}
      </span>
      {place.ways.length > 0 && (
        <span className="flex flex-wrap gap-x-4 text-[13.5px] leading-6 text-mute">
          <span>
            Tax is {place.tax}. {place.note}
          </span>
          {place.past !== '' && <span>{place.past}</span>}
          {place.evenFrom !== null && first?.charge.by === 'flat' && (
            <button
              type="button"
              className="underline decoration-line underline-offset-4 hover:text-ink"
              onClick={() => void putWay(0, { ...first, free_over: place.evenFrom?.digits ?? null })}
            >
              Free from {place.evenFrom.text} on it would have been even: say that
            </button>
          )}
          <WayEditor
            way={{
              ...firstWay,
              name: 'quick',
              prefers: 'quickest',
              charge: { by: 'cost', times: '1', plus: '0', ending: null },
            }}
            alone={false}
            nameFirst={said.ways.length === 1 && said.ways[0]?.name === ''}
            currency={currency}
            trigger={<Quiet>another way to send it</Quiet>}
            onSay={(way) =>
              onSay({
                ...said,
                // Where there are two, each has a name to be chosen by.
                ways: [...said.ways.map((w) => ({ ...w, name: w.name === '' ? 'plain' : w.name })), tidied(way)],
              })
            }
          />
          <RuleEditor
            rule={null}
            packing={packing}
            trigger={<Quiet>some goods otherwise</Quiet>}
            onSay={(rule) => onSay({ ...said, rules: [...said.rules, rule] })}
          />
        </span>
      )}
    </li>
  );
}

function Way({
  way,
  written: said,
  alone,
  currency,
  onSay,
  onRemove,
}: {
  way: DeliveryWayView;
  written: WrittenWay;
  alone: boolean;
  currency: string;
  onSay: (way: WrittenWay) => Promise<boolean>;
  onRemove: () => Promise<boolean>;
}) {
  const editor = (mark: string, words: string) => (
    <WayEditor
      way={said}
      alone={alone}
      currency={currency}
      trigger={<Part mark={mark}>{words}</Part>}
      onSay={onSay}
      onRemove={onRemove}
    />
  );
  return (
    <>
      {way.name !== '' && <b className="font-semibold">{way.name}: </b>}
      it costs {editor('way', way.charge)}
      {way.freeOver !== '' && <>, nothing over {editor('free', way.freeOver)}</>}, and goes by {editor('by', way.by)}
    </>
  );
}

/** A part of the sentence that is changed where it stands. */
function Part({ mark, children, ...rest }: { mark: string; children: string }) {
  return (
    <button
      type="button"
      data-part={mark}
      className="border-b-[1.5px] border-you text-left leading-tight font-semibold text-you hover:bg-you-soft"
      {...rest}
    >
      {children}
    </button>
  );
}

function Quiet({ children, ...rest }: { children: string }) {
  return (
    <button type="button" className="underline decoration-line underline-offset-4 hover:text-ink" {...rest}>
      {children}
    </button>
  );
}
