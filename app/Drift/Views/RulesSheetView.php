<?php

declare(strict_types=1);

namespace WindowStall\Drift\Views;

use WindowStall\Stall\Stall;

/** A stall's rules for what suppliers change, and when it is told of what asks. */
final readonly class RulesSheetView
{
    /**
     * @param  list<RulesView>  $suppliers
     * @param  int|null  $digestHour  of the day, UTC; null where no mail is sent
     */
    public function __construct(public array $suppliers, public ?int $digestHour)
    {
    }

    public static function of(Stall $stall): self
    {
        return new self(RulesView::all($stall), $stall->digest_hour);
    }
}
