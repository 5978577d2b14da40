<?php

declare(strict_types=1);

namespace WindowStall\Drift\Views;

use WindowStall\Core\Drift\Guards\GuardLimits;
use WindowStall\Core\Facts\FactName;
use WindowStall\Core\Facts\FloorPolicy;
use WindowStall\Core\Facts\Policies;
use WindowStall\Core\Facts\Policy;
use WindowStall\Drift\Rules\RuleBook;
use WindowStall\Source\SupplierConnection;
use WindowStall\Support\Views\ChoiceView;

/** A supplier's rules, or those for all, as a sentence whose parts are chosen where they stand. */
final readonly class RulesView
{
    /**
     * @param  int|null  $connection  null for all suppliers
     * @param  list<FactRuleView>  $facts
     * @param  string  $band  how far a cost may move and still follow, in percent
     * @param  string  $floor  what becomes of a price that falls under its floor
     * @param  list<ChoiceView>  $floors
     * @param  int  $pulls  after so many what is gone is put by; 0 never
     * @param  array<string, string>  $guards  guard → share in percent; none for all suppliers
     * @param  int  $keptBack  pieces of its stock that aren't sold
     */
    public function __construct(
        public ?int $connection,
        public string $supplier,
        public array $facts,
        public string $band,
        public string $floor,
        public array $floors,
        public int $pulls,
        public array $guards,
        public int $keptBack,
    ) {
    }

    public static function forAll(RuleBook $book): self
    {
        return self::written($book->forAll(), null, 'any supplier', [], 0);
    }

    public static function of(RuleBook $book, SupplierConnection $connection): self
    {
        return self::written(
            $book->policies($connection->id),
            $connection->id,
            $connection->name,
            array_map(self::percent(...), GuardLimits::from($connection->guards)->toArray()),
            $connection->kept_back,
        );
    }

    /** @param  array<string, string>  $guards */
    private static function written(
        Policies $policies,
        ?int $connection,
        string $supplier,
        array $guards,
        int $keptBack,
    ): self {
        return new self(
            connection: $connection,
            supplier: $supplier,
            facts: array_map(static fn (FactName $fact): FactRuleView => new FactRuleView(
                fact: $fact->value,
                words: $fact->words(),
                policy: $policies->for($fact)->value,
                choices: array_map(
                    static fn (Policy $p): ChoiceView => new ChoiceView($p->value, $p->words()),
                    $fact->choices(),
                ),
            ), FactName::cases()),
            band: self::percent($policies->bandBp),
            floor: $policies->floor->value,
            floors: array_map(
                static fn (FloorPolicy $f): ChoiceView => new ChoiceView($f->value, $f->words()),
                FloorPolicy::cases(),
            ),
            pulls: $policies->afterPulls,
            guards: $guards,
            keptBack: $keptBack,
        );
    }

    private static function percent(int $bp): string
    {
        return rtrim(rtrim(number_format($bp / 100, 2, '.', ''), '0'), '.');
    }
}
