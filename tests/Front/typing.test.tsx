import { act, fireEvent, render } from '@testing-library/react';
import { useState, type ReactNode } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { GridCell } from '@/bench/grid/GridCell';
import { NamesEditor } from '@/bench/listing/NamesEditor';
import { OrderFields } from '@/bench/listing/OrderFields';
import { SearchPreview } from '@/bench/listing/SearchPreview';
import { TitleField } from '@/bench/listing/TitleField';
import { VariantGrid } from '@/bench/listing/VariantGrid';
import { Figure } from '@/drift/RuleFigures';
import { send } from '@/lib/http';
import { MarketTerms } from '@/pricing/MarketTerms';
import { RecipeSentence } from '@/stall/RecipeSentence';
import type { ListingView, OptionView, VariantRowView } from '@/types/bench';
import type { MarketTermsView } from '@/types/pricing';
import type { RecipeFormView } from '@/types/stall';
import type { ParticularsView, PolicyView } from '@/types/window';
import { CellField } from '@/ui/CellField';
import { ParticularsSentence } from '@/window/ParticularsSentence';
import { PolicyPaper } from '@/window/PolicyPaper';

/** What the server keeps: fields by name. */
type Kept = Record<string, string>;
type Say = (part: Kept) => Promise<boolean>;

/** A place where people type: how it is drawn from what is kept, and the fields in it by their labels. */
interface Typing {
  name: string;
  fields: Record<string, string>;
  draw: (kept: Kept, say: Say) => ReactNode;
}

const option = (kept: Kept): OptionView => ({
  name: 'Clr',
  own: kept.Clr ?? '',
  dropped: false,
  values: ['A', 'B', 'C', 'D'].map((value) => ({ value, own: kept[value] ?? '' })),
});

/** Names as they are sent, back to the fields they were typed in. */
const named = (names: Record<string, { as?: string; values?: Record<string, string> }>): Kept => ({
  ...(names.Clr?.as === undefined ? {} : { Clr: names.Clr.as }),
  ...names.Clr?.values,
});

const recipe = (kept: Kept): RecipeFormView =>
  ({
    basis: 'landed',
    steps: [{ upTo: '', method: 'factor', value: kept.factor ?? '2.4' }],
    toward: 'up',
    ending: kept.ending ?? '',
    every: kept.every ?? '',
    floorKind: 'margin',
    floor: kept.floor ?? '20',
    cap: 'none',
    begins: {},
    nextStep: '',
  }) as unknown as RecipeFormView;

const places: Typing[] = [
  {
    name: 'names of an option and its values',
    fields: {
      'Your name for Clr': 'Size',
      'Your name for A': '20 l',
      'Your name for B': '40 l',
      'Your name for C': '70 l',
      'Your name for D': '100 l',
    },
    draw: (kept, say) => (
      <NamesEditor
        options={[option(kept)]}
        onSay={(names) => say(named(names))}
        onOrder={() => Promise.resolve(true)}
        onValues={() => Promise.resolve(true)}
        onDrop={() => undefined}
        onTakeUp={() => undefined}
      />
    ),
  },
  {
    name: 'a title',
    fields: { Title: 'Copper trowel' },
    draw: (kept, say) => <TitleField title={kept.title ?? ''} onSay={(title) => say({ title })} />,
  },
  {
    name: 'type, maker, tags and notes',
    fields: {
      Type: 'Hand tools',
      Maker: 'Ourselves',
      'Tags, parted by commas': 'a, b',
      'Notes, for you alone': 'Ask.',
    },
    draw: (kept, say) => (
      <OrderFields
        listing={
          {
            details: {
              order: { type: kept.type ?? '', maker: kept.maker ?? '', notes: kept.notes ?? '', tags: tags(kept) },
            },
          } as unknown as ListingView
        }
        onSay={say}
        onGrownUp={() => undefined}
      />
    ),
  },
  {
    name: 'what search engines show',
    fields: { 'Search title': 'Trowels', 'Search description': 'Of copper.' },
    draw: (kept, say) => (
      <SearchPreview
        listing={
          {
            details: { search: { title: kept.search_title ?? '', words: kept.search_words ?? '', held: true } },
            stands: { shopUrl: null },
          } as unknown as ListingView
        }
        onSay={(own) => say(own as Kept)}
      />
    ),
  },
  {
    name: 'prices of variants',
    fields: { 'Price of 1': '12.50', 'Price of 2': '14.50' },
    draw: (kept, say) => (
      <VariantGrid
        rows={[1, 2].map(
          (id) =>
            ({
              id,
              label: String(id),
              on: true,
              options: {},
              landed: { digits: '3.00' },
              price: kept[String(id)] === undefined ? null : { digits: kept[String(id)] },
            }) as unknown as VariantRowView,
        )}
        at={0}
        onAt={() => undefined}
        onSources={() => undefined}
        edits={{
          patch: () => Promise.resolve(true),
          variants: ([id], own) => say({ [String(id)]: own.price as string }),
          onTryPrice: () => undefined,
          onStopTyping: () => undefined,
          onUpload: () => Promise.resolve(true),
          picture: () => Promise.resolve(true),
        }}
      />
    ),
  },
  {
    name: 'cells of the grid',
    fields: { one: 'First title', two: 'Second title' },
    draw: (kept, say) => (
      <table>
        <tbody>
          <tr>
            {['one', 'two'].map((label, column) => (
              <GridCell
                key={label}
                row={0}
                column={column}
                label={label}
                follows={false}
                value={kept[label] ?? ''}
                onWrite={(typed) => say({ [label]: typed })}
                onPaste={() => false}
                onFillDown={() => undefined}
              />
            ))}
          </tr>
        </tbody>
      </table>
    ),
  },
  {
    name: 'figures that are changed where they stand, as for shelves, filing and costs',
    fields: { here: '1.25', there: 'For presents' },
    draw: (kept, say) =>
      ['here', 'there'].map((label) => (
        <CellField key={label} label={label} value={kept[label] ?? ''} onSay={(typed) => say({ [label]: typed })} />
      )),
  },
  {
    name: 'a recipe, which is saved whole',
    fields: { Factor: '3.5', Ending: '0.95', Every: '5', 'Floor figure': '25' },
    draw: (kept, say) => (
      <RecipeSentence
        name="of this listing"
        recipe={recipe(kept)}
        onSay={(r) => say({ factor: r.steps[0]?.value ?? '', ending: r.ending, every: r.every, floor: r.floor })}
      />
    ),
  },
  {
    name: 'what a market bears, which is saved whole',
    fields: { 'Duty in Ireland': '4' },
    draw: (kept, say) => (
      <MarketTerms
        market={
          {
            market: 'IE',
            name: 'Ireland',
            home: false,
            prices: 'own',
            currency: 'EUR',
            ending: '',
            tax: '23',
            charged: '3',
            duty: kept.duty ?? '0',
            dutyOn: 'goods',
          } as unknown as MarketTermsView
        }
        currencies={['EUR']}
        onSay={(terms) => say({ duty: terms.duty })}
        onLeave={() => undefined}
      />
    ),
  },
  {
    name: 'what only the seller knows',
    fields: { 'Who runs it': 'A. Quill', Town: 'Aldermere', Postcode: 'QZ1 1ZZ' },
    draw: (kept, say) => (
      <ParticularsSentence
        particulars={
          {
            trader: kept.trader ?? '',
            town: kept.town ?? '',
            postcode: kept.postcode ?? '',
          } as unknown as ParticularsView
        }
        onSay={(said) => say(said as Kept)}
      />
    ),
  },
  {
    name: 'what a policy says besides',
    fields: { 'And besides, in your own words': 'We answer within a day.' },
    draw: (kept, say) => (
      <PolicyPaper
        policy={
          {
            kind: 'returns',
            heading: 'Returns',
            blanks: ['days'],
            besides: kept.besides ?? '',
            differs: [],
            stale: [],
            clauses: [],
          } as unknown as PolicyView
        }
        onBesides={(besides) => say({ besides })}
        onPublish={() => Promise.resolve(true)}
      />
    ),
  },
  {
    name: 'a figure of a rule',
    fields: { band: '12' },
    draw: (kept, say) => <Figure label="band" value={kept.band ?? '8'} onSay={(n) => void say({ band: String(n) })} />,
  },
];

function tags(kept: Kept): string[] {
  return (kept.tags ?? '').split(', ').filter(Boolean);
}

/** A machine's dice, so that a run that failed can be had again. */
function dice(seed: number): (most: number) => number {
  let now = seed;
  return (most) => {
    now = (now * 1_103_515_245 + 12_345) % 2_147_483_648;
    return Math.floor((now / 2_147_483_648) * most);
  };
}

/** Keeps what it is sent as soon as it comes, and answers some time later with all it kept by then. */
function slowServer(kept: Kept, roll: (most: number) => number): void {
  vi.stubGlobal('fetch', async (_url: string, init: RequestInit) => {
    Object.assign(kept, JSON.parse(init.body as string) as Kept);
    const answer = JSON.stringify(kept);
    await new Promise((done) => setTimeout(done, 20 + roll(900)));
    return new Response(answer);
  });
}

function Screen({ draw }: { draw: Typing['draw'] }) {
  const [kept, setKept] = useState<Kept>({});
  return draw(kept, (part) =>
    send<Kept>('PATCH', '/fields', part).then((next) => {
      setKept(next);
      return true;
    }),
  );
}

const inputAt = (screen: { getByLabelText: (label: string) => HTMLElement }, label: string): HTMLInputElement =>
  screen.getByLabelText(label) as HTMLInputElement;

async function passes(ms: number): Promise<void> {
  await act(() => vi.advanceTimersByTimeAsync(ms));
}

/** Letter by letter onto what stands in the field by then, as a person does, and on with Tab. */
async function types(field: HTMLInputElement, words: string, pace: () => number): Promise<void> {
  act(() => field.focus());
  fireEvent.change(field, { target: { value: '' } });
  for (const letter of words) {
    fireEvent.change(field, { target: { value: field.value + letter } });
    await passes(pace());
  }
  act(() => field.blur());
}

describe('typing into fields that save themselves', () => {
  beforeEach(() => {
    vi.useFakeTimers();
    // There is no canvas here to measure on.
    HTMLCanvasElement.prototype.getContext = () => null;
  });
  afterEach(() => vi.useRealTimers());

  it.each(places.flatMap((place) => [1, 2, 3].map((seed) => ({ ...place, seed }))))(
    'keeps every letter of $name, however slow the answers (dice $seed)',
    async ({ draw, fields, seed }) => {
      const roll = dice(seed);
      const kept: Kept = {};
      slowServer(kept, roll);
      const screen = render(<Screen draw={draw} />);
      for (const [label, words] of Object.entries(fields)) {
        await types(inputAt(screen, label), words, () => 20 + roll(280));
      }
      await passes(10_000);
      const shown = Object.fromEntries(Object.keys(fields).map((label) => [label, inputAt(screen, label).value]));
      expect(shown).toEqual(fields);
      expect(Object.values(kept)).toEqual(expect.arrayContaining(Object.values(fields)));
    },
  );

  it('holds what is typed on while the answer to the first words comes, and says it when the field is left', async () => {
    const kept: Kept = {};
    slowServer(kept, () => 100);
    const screen = render(
      <Screen draw={(k, say) => <TitleField title={k.title ?? ''} onSay={(t) => say({ title: t })} />} />,
    );
    const title = inputAt(screen, 'Title');
    await types(title, 'Copper', () => 20);
    act(() => title.focus());
    fireEvent.change(title, { target: { value: 'Copper trowel' } });
    await passes(1_000);
    expect([title.value, kept.title]).toEqual(['Copper trowel', 'Copper']);
    act(() => title.blur());
    await passes(1_000);
    expect([title.value, kept.title]).toEqual(['Copper trowel', 'Copper trowel']);
  });

  it('says again what was refused, and shows what stands where it can’t stay', async () => {
    const refused = vi.fn(() => Promise.resolve(false));
    const screen = render(
      <>
        <TitleField title="old" onSay={refused} />
        <CellField label="price" value="9.00" onSay={refused} />
      </>,
    );
    const title = inputAt(screen, 'Title');
    const price = inputAt(screen, 'price');
    await types(title, 'new', () => 20);
    await types(price, 'dear', () => 20);
    await passes(100);
    expect([title.value, price.value]).toEqual(['new', '9.00']);
    fireEvent.blur(title);
    await passes(100);
    expect(refused).toHaveBeenCalledTimes(3);
    fireEvent.keyDown(title, { key: 'Escape' });
    expect(title.value).toBe('old');
  });
});
