<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shelves;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\PutInWindow;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Words\OptionWords;
use WindowStall\Shelves\GoodsFacts;
use WindowStall\Shelves\ShelfGoods;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;
use WindowStall\Window\Goods\CardTag;
use WindowStall\Window\Goods\GoodCard;

/** What rules, facets and orders look at is what the page of each of the goods says. */
final class GoodsFactsTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
    }

    /** @return array<string, array{callable(self, Listing): mixed}> */
    public static function states(): array
    {
        $variants = static fn (Listing $l, array $columns, string $of = 'a') => DB::table('listing_variants')
            ->where('listing_id', $l->id)
            ->where('external_id', $of)
            ->update($columns);

        return [
            'as it came' => [static fn () => null],
            'one variant off' => [static fn (self $t, Listing $l) => $variants($l, ['own_on' => false])],
            'one sold out' => [static fn (self $t, Listing $l) => $t->pulled($l, stock: 0)],
            'all sold out' => [static fn (self $t, Listing $l) => $t->pulled($l, stock: 0, other: 0)],
            'one gone at the supplier' => [
                static fn (self $t, Listing $l) => DB::table('supplier_variants')
                    ->where('external_id', 'a')
                    ->update(['gone_at' => now()]),
            ],
            'promised to others' => [
                static fn (self $t, Listing $l) => DB::table('supplier_variants')
                    ->where('external_id', 'a')
                    ->update(['promised' => 12]),
            ],
            'kept back' => [
                static fn (self $t, Listing $l) => DB::table('supplier_variants')->update(['kept_back' => 3]),
            ],
            'out of reach of the market' => [
                static fn (self $t, Listing $l) => DB::table('supplier_variants')
                    ->where('external_id', 'b')
                    ->update(['out_of_reach' => 3]),
            ],
            'a price by hand' => [static fn (self $t, Listing $l) => $t->priced($l, 3_200)],
            'under its floor, unawares' => [
                static fn (self $t, Listing $l) => DB::table('prices')->update(['above_floor_minor' => -100]),
            ],
            'under its floor, knowingly' => [
                static function (self $t, Listing $l) use ($variants): void {
                    DB::table('prices')->update(['above_floor_minor' => -100]);
                    $variants($l, ['own_under_floor' => true]);
                },
            ],
            'a price that stood before' => [static fn (self $t, Listing $l) => $variants($l, ['own_was_minor' => 9_900])],
            'one that wasn’t above' => [static fn (self $t, Listing $l) => $variants($l, ['own_was_minor' => 1])],
            'its words, type and tags' => [
                static fn (self $t, Listing $l) => $t->world->say(
                    $l,
                    ListingPatch::none()->title('Trowel, ash')->and(
                        ListingPatch::none()->cell('type', 'Hand Tools'),
                        ListingPatch::none()->tags(['Sowing', 'ÄRGER']),
                    ),
                ),
            ],
            'options read otherwise' => [
                static fn (self $t, Listing $l) => $t->world->say($l, ListingPatch::none()->names([
                    'Clr' => ['as' => 'Colour', 'values' => ['STL-01' => 'Steel']],
                ])),
            ],
        ];
    }

    /** @param  callable(self, Listing): mixed  $put */
    #[DataProvider('states')]
    public function test_facts_are_what_the_page_says(callable $put): void
    {
        $listing = $this->world->inWindow($this->stall);
        $put($this, $listing);
        event(new ListingsChanged($this->stall, [$listing->id]));

        $fresh = Listing::query()->with(Listing::FOR_FIGURES)->findOrFail($listing->id);
        $figures = ListingFigures::of($this->stall->refresh(), $fresh);
        $card = GoodCard::of($figures);
        $row = ShelfGoods::all($this->stall)->firstOrFail();
        $offered = array_values(array_filter(
            $figures->variants,
            static fn (VariantFigures $v): bool => $v->on && ($v->price->minor ?? 0) > 0,
        ));
        $buyable = array_filter($offered, static fn (VariantFigures $v): bool => $v->buyable());
        $priced = $buyable === [] ? $offered : $buyable;
        $least = static fn (callable $of): ?int => $priced === [] ? null : min(array_map($of, $priced));

        self::assertSame($figures->title->shown(), $row->title);
        self::assertSame((string) $fresh->own_type, $row->type);
        self::assertSame($least(static fn (VariantFigures $v): int => $v->price->minor ?? 0), $row->price_minor);
        self::assertSame($least(static fn (VariantFigures $v): int => $v->till?->keep->minor ?? 0), $row->keep_minor);
        self::assertSame($figures->from()?->minor, $row->price_minor);
        self::assertSame($card->soldOut, ! $row->buyable);
        self::assertSame($buyable !== [], $row->buyable);
        self::assertSame(
            array_sum(array_map(static fn (VariantFigures $v): int => $v->available, $offered)),
            (int) $row->stock,
        );
        self::assertSame(
            $buyable === [] ? null : min(array_map(static fn (VariantFigures $v): ?int => $v->days?->max, $buyable)),
            $row->days_max,
        );
        self::assertSame(
            array_filter($offered, static fn (VariantFigures $v): bool => self::above($v)) !== [],
            $row->was,
        );
        $read = [];
        foreach ($offered as $variant) {
            foreach ($variant->options as $name => $value) {
                $read[] = self::joined($name, $value);
            }
        }
        sort($read);
        self::assertSame(array_values(array_unique($read)), self::array($row->options), 'as the page, short forms spelt out');
        self::assertSame(array_map(mb_strtolower(...), self::array($row->tags)), self::array($row->tags_low));
        // The card made of the row says the same as the one made of all figures.
        $ofRow = GoodCard::ofRow($this->stall, (object) ((array) $row + ['slug' => $fresh->slug, 'own_words' => '']), null, CardTag::none());
        self::assertSame(
            [$card->title, $card->url, $card->price, $card->varied, $card->soldOut],
            [$ofRow->title, $ofRow->url, $ofRow->price, $ofRow->varied, $ofRow->soldOut],
        );
    }

    public function test_made_twice_nothing_differs_and_what_left_the_window_goes(): void
    {
        $facts = app(GoodsFacts::class);
        $listing = $this->world->inWindow($this->stall);
        self::assertSame(0, $facts($this->stall, null));
        self::assertSame(0, $facts($this->stall, [$listing->id]));
        DB::table('goods_facts')->update(['stock' => 1]);
        self::assertSame(1, $facts($this->stall, [$listing->id]));

        app(PutInWindow::class)->takeOut($this->stall, Listing::query()->get(), ListingState::OnBench);
        self::assertSame(0, DB::table('goods_facts')->count());
    }

    public function test_small_letters_are_as_unicode_has_them(): void
    {
        $listing = $this->world->inWindow($this->stall);
        $this->world->say($listing, ListingPatch::none()->tags(['İĞDIR', 'STRASSE', 'ÖL']));
        $row = ShelfGoods::all($this->stall)->firstOrFail();

        self::assertContains('öl', self::array($row->tags_low));
        self::assertContains('strasse', self::array($row->tags_low));
    }

    private static function above(VariantFigures $v): bool
    {
        return $v->row->own_was_minor !== null && $v->row->own_was_minor > ($v->price->minor ?? PHP_INT_MAX);
    }

    private function pulled(Listing $listing, int $stock, int $other = 3): void
    {
        $this->world->pull($this->stall, Items::item([
            Items::variant('a', stock: $stock),
            Items::variant('b', 620, $other, 'CPR-02'),
        ]));
    }

    private function priced(Listing $listing, int $minor): void
    {
        $ids = array_map(intval(...), $listing->variants()->where('external_id', 'a')->pluck('id')->all());
        $this->world->say($listing, ListingPatch::none()->price(array_values($ids), new Money(
            $minor,
            $this->stall->currencyValue(),
        )));
    }

    /** @return list<string> a PostgreSQL array of texts */
    private static function array(string $literal): array
    {
        $texts = DB::scalar('SELECT array_to_json(?::text[])', [$literal]);
        $read = json_decode(is_string($texts) ? $texts : '[]', true);
        sort($read);

        return $read;
    }

    /** As a filter says it: "Clr: GRN-05" is "Colour: Green". */
    private static function joined(string $name, string $value): string
    {
        return (OptionWords::joinedNames('GB')[mb_strtolower($name)] ?? ucfirst($name)).': '.
            (OptionWords::valueSaid($value) ?? ucfirst($value));
    }
}
