<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift\Docket;

use WindowStall\Core\Drift\Change;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Drift;
use WindowStall\Core\Source\Item;

/** What a supplier says otherwise of one item since a listing last read it. */
final readonly class News
{
    /** @var list<Change> that the item left the catalogue or came back first, then word by word */
    public array $changes;

    /**
     * @param  int  $item  by the caller's name
     * @param  Item  $agreed  as the listing last read it
     * @param  bool  $whole  whether title, words and pictures of the item are the listing's
     * @param  Change|null  $offered  that the item left the catalogue, came back, or stands there under another code
     */
    public function __construct(
        public int $item,
        Item $agreed,
        public Item $now,
        bool $whole = true,
        ?Change $offered = null,
    ) {
        $concerns = static fn (Change $change): bool => $whole
            || ! in_array($change->kind, [ChangeKind::Title, ChangeKind::Words], true);
        $changes = array_values(array_filter(Drift::between($agreed, $now)->changes, $concerns));
        $this->changes = $offered === null ? $changes : [$offered, ...$changes];
    }

    /** @return list<string> the supplier's ids of variants that something is said of */
    public function variants(): array
    {
        return array_values(array_filter(array_column($this->changes, 'variantId'), is_string(...)));
    }

    /** @return list<string> the supplier's ids of variants that weren't offered before */
    public function newVariants(): array
    {
        $new = array_filter($this->changes, static fn (Change $change): bool => $change->kind === ChangeKind::VariantNew);

        return array_values(array_map(static fn (Change $change): string => (string) $change->variantId, $new));
    }
}
