<?php

declare(strict_types=1);

namespace WindowStall\Window\Goods;

/**
 * What stands in the corner of a card: words that hold for as long as the page is kept, and others that hold only at
 * times, which the browser puts there while they do.
 */
final readonly class CardTag
{
    /**
     * @param  string  $words  "" for none
     * @param  string  $dated  words that hold in the spells
     * @param  list<array{int, int}>  $spells  from and until, in seconds since 1970
     */
    public function __construct(public string $words, public string $dated = '', public array $spells = [])
    {
    }

    public static function none(): self
    {
        return new self('');
    }
}
