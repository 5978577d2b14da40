<?php

declare(strict_types=1);

namespace WindowStall\Drift\Views;

use WindowStall\Bench\Listing;
use WindowStall\Core\Facts\FactName;
use WindowStall\Core\Facts\Policy;
use WindowStall\Drift\Rules\Rules;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\ChoiceView;

/** What of its supplier's changes a listing settles by rules of its own. */
final readonly class ListingRulesView
{
    private const FACTS = [
        FactName::Title,
        FactName::Words,
        FactName::Pictures,
        FactName::Cost,
        FactName::NewVariants,
        FactName::GoneVariants,
    ];

    /**
     * @param  list<FactRuleView>  $facts  with nothing as their policy where the supplier's counts
     * @param  int|null  $keptBack  pieces; null as the supplier's
     * @param  int  $suppliers  how many that are
     */
    public function __construct(public array $facts, public ?int $keptBack, public int $suppliers)
    {
    }

    public static function of(Stall $stall, Listing $listing): self
    {
        $connection = $listing->supplierItem?->connection;
        $else = Rules::for($stall, $connection);

        return new self(
            facts: array_map(
                static fn (FactName $fact): FactRuleView => new FactRuleView(
                    fact: $fact->value,
                    words: $fact->words(),
                    policy: is_string($listing->own_policies[$fact->value] ?? null)
                        ? $listing->own_policies[$fact->value]
                        : '',
                    choices: [
                        new ChoiceView('', 'as the supplier’s: '.$else->for($fact)->words()),
                        ...array_map(
                            static fn (Policy $p): ChoiceView => new ChoiceView($p->value, $p->words()),
                            $fact->choices(),
                        ),
                    ],
                ),
                self::FACTS,
            ),
            keptBack: $listing->own_kept_back,
            suppliers: $connection->kept_back ?? 0,
        );
    }
}
