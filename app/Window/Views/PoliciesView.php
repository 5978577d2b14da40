<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Core\Policies\PolicyKind;
use WindowStall\Core\Policies\WrittenPolicy;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;
use WindowStall\Window\Policies\Particulars;
use WindowStall\Window\Policies\PolicyThere;
use WindowStall\Window\Policies\PolicyVersion;
use WindowStall\Window\Policies\TrueFacts;

/** A stall's policies, and what only its seller can say for them. */
final readonly class PoliciesView
{
    /** @param  list<PolicyView>  $policies */
    public function __construct(public ParticularsView $particulars, public array $policies)
    {
    }

    public static function of(Stall $stall): self
    {
        // As shoppers at home read them, whatever language that is.
        return Speech::in($stall->language, static fn (): self => self::read($stall));
    }

    private static function read(Stall $stall): self
    {
        $facts = TrueFacts::of($stall);
        $now = PolicyVersion::now($stall);
        $besides = Particulars::of($stall)->besides;
        $there = PolicyThere::of($stall, PolicyKind::cases());

        return new self(
            particulars: ParticularsView::of($stall),
            policies: array_map(static fn (PolicyKind $kind): PolicyView => PolicyView::of(
                WrittenPolicy::of($kind, $facts),
                $now[$kind->value] ?? null,
                $besides[$kind->value] ?? '',
                $there[$kind->value],
            ), PolicyKind::cases()),
        );
    }
}
