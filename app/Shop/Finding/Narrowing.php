<?php

declare(strict_types=1);

namespace WindowStall\Shop\Finding;

use Illuminate\Http\Request;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\MoneyUnreadable;
use WindowStall\Core\Shelves\ShelfOrder;
use WindowStall\Stall\Stall;

/**
 * What a shopper narrows goods down by, from the page's address: types, values of options, a price from and to, days,
 * what is there now, what is offered for less; and in which order, and which page of it. What can't be read counts as
 * not asked.
 */
final readonly class Narrowing
{
    public const PAGE = 24;

    /** Nobody turns further than this; whoever asks for more gets the last. */
    public const MOST_PAGES = 5_000;

    /** Values of one kind that are looked at. */
    private const MOST = 20;

    /**
     * @param  list<string>  $types
     * @param  list<string>  $options  "Colour: Red"
     * @param  int|null  $from  minor units
     */
    private function __construct(
        public array $types,
        public array $options,
        public ?int $from,
        public ?int $to,
        public ?int $within,
        public bool $now,
        public bool $offers,
        public ?ShelfOrder $sort,
        public int $page,
    ) {
    }

    /** By nothing. */
    public static function none(): self
    {
        return new self([], [], null, null, null, false, false, null, 1);
    }

    public static function of(Request $request, Stall $stall): self
    {
        $text = static fn (string $name): string => is_string($asked = $request->query($name)) ? trim($asked) : '';
        $number = static fn (string $name, int $most): ?int => preg_match('/^\d{1,10}$/D', $text($name)) === 1
            ? max(1, min($most, (int) $text($name)))
            : null;
        $sort = ShelfOrder::tryFrom($text('sort'));

        return new self(
            types: self::texts($request, 'type'),
            options: self::texts($request, 'is'),
            from: self::amount($text('from'), $stall),
            to: self::amount($text('to'), $stall),
            within: $number('within', 365),
            now: $text('now') === '1',
            offers: $text('offers') === '1',
            sort: in_array($sort, ShelfOrder::forShoppers(), true) ? $sort : null,
            page: $number('page', self::MOST_PAGES) ?? 1,
        );
    }

    /** Whether anything is asked but the page. */
    public function asks(): bool
    {
        return $this->sort !== null || $this->narrows();
    }

    public function narrows(): bool
    {
        return $this->types !== [] || $this->options !== [] || $this->from !== null || $this->to !== null ||
            $this->within !== null || $this->now || $this->offers;
    }

    /**
     * The end of the address at which this is asked, with some of it otherwise.
     *
     * @param  array<string, mixed>  $with  names of the address; null takes one away
     */
    public function query(Stall $stall, array $with = []): string
    {
        $digits = static fn (?int $minor): ?string => $minor === null ? null : $stall->seen()->money($minor)->digits();
        $asked = array_filter(
            $with + [
                'type' => $this->types,
                'is' => $this->options,
                'from' => $digits($this->from),
                'to' => $digits($this->to),
                'within' => $this->within,
                'now' => $this->now ? 1 : null,
                'offers' => $this->offers ? 1 : null,
                'sort' => $this->sort?->value,
            ],
            static fn (mixed $said): bool => $said !== null && $said !== [] && $said !== '',
        );

        return $asked === [] ? '' : '?'.http_build_query($asked);
    }

    private static function amount(string $text, Stall $stall): ?int
    {
        try {
            return $text === '' ? null : Money::parse($text, $stall->seen()->currency)->minor;
        } catch (MoneyUnreadable) {
            return null;
        }
    }

    /** @return list<string> */
    private static function texts(Request $request, string $name): array
    {
        $asked = $request->query($name);
        $texts = array_filter(is_array($asked) ? $asked : [], is_string(...));

        return array_slice(array_values(array_unique(array_map(
            static fn (string $text): string => mb_substr($text, 0, 200),
            array_filter($texts, static fn (string $text): bool => $text !== ''),
        ))), 0, self::MOST);
    }
}
