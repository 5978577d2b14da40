<?php

declare(strict_types=1);

namespace WindowStall\Drift\Views;

use WindowStall\Drift\Rules\RuleBook;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;

/** A stall's rules for what suppliers change, and when it is told of what asks. */
final readonly class RulesSheetView
{
    /**
     * @param  RulesView  $all  those for all suppliers
     * @param  list<RulesView>  $suppliers
     * @param  int|null  $digestHour  of the day; null where no mail is sent
     * @param  string  $digestZone  the place by whose clock
     */
    public function __construct(
        public RulesView $all,
        public array $suppliers,
        public ?int $digestHour,
        public string $digestZone,
    ) {
    }

    public static function of(Stall $stall, RuleBook $book): self
    {
        return new self(
            all: RulesView::forAll($book),
            suppliers: array_map(
                static fn (SupplierConnection $c): RulesView => RulesView::of($book, $c),
                $book->connections(),
            ),
            digestHour: $stall->digest_hour,
            digestZone: Clock::of($stall)->place(),
        );
    }
}
