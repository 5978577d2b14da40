<?php

declare(strict_types=1);

namespace WindowStall\Drift\Views;

use WindowStall\Core\Drift\Guards\GuardLimits;
use WindowStall\Core\Facts\FactName;
use WindowStall\Core\Facts\Policy;
use WindowStall\Drift\Rules;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\ChoiceView;

/** A supplier's rules, as a sentence whose parts are chosen where they stand. */
final readonly class RulesView
{
    /**
     * @param  list<FactRuleView>  $facts
     * @param  string  $band  how far a cost may move and still follow, in percent
     * @param  array<string, string>  $guards  guard → share in percent
     * @param  int  $keptBack  pieces of its stock that aren't sold
     */
    public function __construct(
        public int $connection,
        public string $supplier,
        public array $facts,
        public string $band,
        public array $guards,
        public int $keptBack,
    ) {
    }

    /** @return list<self> */
    public static function all(Stall $stall): array
    {
        $connections = $stall->connections()->whereNull('disconnected_at')->orderBy('name')->get();

        return array_values($connections->map(static fn (SupplierConnection $c): self => self::of($stall, $c))->all());
    }

    private static function of(Stall $stall, SupplierConnection $connection): self
    {
        $policies = Rules::for($stall, $connection);

        return new self(
            connection: $connection->id,
            supplier: $connection->name,
            facts: array_map(static fn (FactName $fact): FactRuleView => new FactRuleView(
                fact: $fact->value,
                words: $fact->words(),
                policy: $policies->for($fact)->value,
                choices: array_map(static fn (Policy $p): ChoiceView => new ChoiceView($p->value, $p->words()), $fact->choices()),
            ), FactName::cases()),
            band: self::percent($policies->bandBp),
            keptBack: $connection->kept_back,
            guards: array_map(self::percent(...), GuardLimits::from($connection->guards)->toArray()),
        );
    }

    private static function percent(int $bp): string
    {
        return rtrim(rtrim(number_format($bp / 100, 2, '.', ''), '0'), '.');
    }
}
