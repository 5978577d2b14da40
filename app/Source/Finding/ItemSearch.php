<?php

declare(strict_types=1);

namespace WindowStall\Source\Finding;

use Illuminate\Http\Request;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\MoneyUnreadable;
use WindowStall\Core\Pricing\Sale\Till;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Views\Percent;

/** What a person looks for in Source, as the address bar holds it. What can't be read there counts as not asked. */
final readonly class ItemSearch
{
    /** sort key → what a person reads */
    public const SORTS = [
        'landed' => 'Landed cost, low first',
        'days' => 'Quickest to arrive',
        'stock' => 'Most in stock',
        'rating' => 'Best rated',
        'variants' => 'Most variants',
        'cost' => 'Unit cost, low first',
        'title' => 'Title',
        'category' => 'Category',
        'supplier' => 'Supplier',
        'from' => 'Posted from',
        'newest' => 'Newest here',
    ];

    /**
     * @param  list<int>  $suppliers  connections
     * @param  list<string>  $categories
     * @param  list<string>  $from  countries the goods are posted from
     * @param  int|null  $stock  at least
     * @param  int|null  $landed  at most, minor units of the stall's currency
     * @param  int|null  $days  at most
     * @param  int|null  $price  a trial price, minor units
     * @param  int|null  $marginBp  to be kept at the trial price, at least
     * @param  int|null  $variants  at least
     * @param  int|null  $rating  at least, in tenths
     */
    private function __construct(
        public string $market,
        public string $words,
        public string $sort,
        public array $suppliers,
        public array $categories,
        public array $from,
        public ?int $stock,
        public ?int $landed,
        public ?int $days,
        public ?int $price,
        public ?int $marginBp,
        public ?int $variants,
        public ?int $rating,
        public bool $notMine,
    ) {
    }

    public static function of(Request $request, Stall $stall, string $market): self
    {
        $whole = static fn (string $name, int $most): ?int => ctype_digit(Typed::text($request, $name))
            ? min($most, (int) Typed::text($request, $name))
            : null;
        $list = static fn (string $name): array => array_slice(
            array_values(
                array_unique(
                    array_filter(
                        array_map(strval(...), array_filter((array) $request->input($name, []), is_scalar(...))),
                        static fn (string $v): bool => $v !== '',
                    ),
                ),
            ),
            0,
            100,
        );
        $sort = Typed::text($request, 'sort');

        return new self(
            $market,
            mb_substr(Typed::text($request, 'q'), 0, 200),
            isset(self::SORTS[$sort]) ? $sort : 'landed',
            array_map(intval(...), $list('supplier')),
            $list('category'),
            $list('from'),
            $whole('stock', 1_000_000),
            self::money(Typed::text($request, 'landed'), $stall),
            $whole('days', 365),
            self::money(Typed::text($request, 'price'), $stall),
            Percent::parse(Typed::text($request, 'margin')),
            $whole('variants', 10_000),
            $whole('rating', 50),
            $request->boolean('new'),
        );
    }

    /** The most an item may cost landed so that the trial price keeps the margin; null when none is asked. */
    public function mostLanded(Stall $stall, ?int $marginBp = null): ?int
    {
        $marginBp ??= $this->marginBp;

        return $this->price === null || $marginBp === null
            ? null
            : Till::mostLanded($stall->money($this->price), $stall->terms($this->market), $marginBp)->minor;
    }

    private static function money(string $text, Stall $stall): ?int
    {
        try {
            $money = $text === '' ? null : Money::parse($text, $stall->currencyValue());
        } catch (MoneyUnreadable) {
            return null;
        }

        return $money === null || $money->isNegative() ? null : $money->minor;
    }
}
