<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift\Rehearsal;

use WindowStall\Core\Drift\Change;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Circumstances;
use WindowStall\Core\Drift\Drift;
use WindowStall\Core\Drift\Ruling;
use WindowStall\Core\Drift\Standing;
use WindowStall\Core\Facts\FactName;
use WindowStall\Core\Facts\Policies;
use WindowStall\Core\Facts\Policy;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Item;

/**
 * One listing played again under a set of rules: what its supplier said, version by version, and what was bought
 * between. Whoever was asked is taken to have said nothing yet: what was agreed goes on standing.
 */
final class Replay
{
    /** @var array<string, int> costs that wait: variant → what was agreed, in minor units of its currency */
    private array $waiting = [];

    /** @var array<string, true> what asks already, and isn't counted again */
    private array $open = [];

    /** @var array<string, true> variants whose price by hand made way for the recipe's */
    private array $raised = [];

    /** @var array<string, Priced> */
    private array $priced;

    /** @var array<string, true> variants that aren't sold for now */
    private array $paused = [];

    /** @var array<string, int> variants that are gone → what they cost then, in minor units of their currency */
    private array $gone = [];

    public readonly Outcome $outcome;

    /**
     * @param  Item  $now  as the supplier said it when the rehearsal begins, which counts as agreed
     */
    public function __construct(
        private readonly Policies $policies,
        private readonly Held $held,
        private Item $now,
        private readonly PricesAtCosts $pricing,
    ) {
        $this->outcome = new Outcome;
        $this->priced = $this->price();
    }

    /** The supplier says something else. */
    public function said(Item $now): void
    {
        $changes = $this->withReturns(Drift::between($this->now, $now)->changes, $now);
        $this->now = $now;
        foreach ($changes as $change) {
            if ($change->kind !== ChangeKind::Cost && $this->concerns($change)) {
                $this->rule($change);
            }
        }
        $costs = array_filter($changes, fn (Change $c): bool => $c->kind === ChangeKind::Cost && $this->concerns($c));
        $this->costs(array_values($costs));
    }

    /**
     * A variant that is offered again and that the listing still has is no new one; what it costs otherwise by then is a
     * change of its cost.
     *
     * @param  list<Change>  $changes
     * @return list<Change>
     */
    private function withReturns(array $changes, Item $now): array
    {
        $stays = $this->policies->for(FactName::GoneVariants) !== Policy::Follow;
        $told = [];
        foreach ($changes as $change) {
            $id = (string) $change->variantId;
            if ($change->kind === ChangeKind::VariantGone && $stays && $this->held->sells($id)) {
                $this->gone[$id] = (int) (is_int($change->said) ? $change->said : 0);
            }
            $variant = $now->variant($id);
            if ($change->kind !== ChangeKind::VariantNew || $variant === null || ! isset($this->gone[$id])) {
                $told[] = $change;

                continue;
            }
            if ($this->gone[$id] !== $variant->cost->minor) {
                $told[] = Drift::cost(new Money($this->gone[$id], $variant->cost->currency), $variant);
            }
            unset($this->gone[$id], $this->open['variant_gone '.$id]);
        }

        return $told;
    }

    /**
     * Somebody bought pieces of a variant.
     *
     * @param  int  $pieces  bought at once
     * @param  string  $variant  the supplier's id
     */
    public function bought(string $variant, int $pieces): void
    {
        $priced = $this->priced[$variant] ?? null;
        if ($priced === null) {
            return;
        }
        if (isset($this->paused[$variant])) {
            $this->outcome->missed += $pieces;

            return;
        }
        $this->outcome->sold += $pieces;
        $this->outcome->soldUnder += $priced->underFloor ? $pieces : 0;
        $this->outcome->keep += $pieces * ($priced->keep ?? 0);
    }

    private function concerns(Change $change): bool
    {
        return $change->variantId === null
            || $change->kind === ChangeKind::VariantNew
            || $this->held->sells($change->variantId);
    }

    private function rule(Change $change): void
    {
        $ruling = Ruling::on($change->kind, $this->policies, new Circumstances($this->held->holds($change)));
        $this->count($ruling->standing, $change->kind->value.' '.$change->variantId);
        if ($change->kind === ChangeKind::VariantNew && $ruling->standing === Standing::Followed) {
            $this->priced = $this->price();
        }
    }

    /** @param  list<Change>  $changes  of costs */
    private function costs(array $changes): void
    {
        if ($changes === []) {
            return;
        }
        $before = $this->priced;
        $standing = [];
        foreach ($changes as $change) {
            $id = (string) $change->variantId;
            $agreed = $this->waiting[$id] ?? (int) (is_int($change->said) ? $change->said : 0);
            $cost = $this->cost($id);
            if ($cost === $agreed) {
                // The supplier took back what waited.
                unset($this->waiting[$id], $this->open['cost '.$id]);

                continue;
            }
            $moved = Drift::movedBp($agreed, $cost);
            $how = new Circumstances($this->holdsPrice($id), isset($this->waiting[$id]) ? $moved : $change->movedBp);
            $standing[$id] = Ruling::on(ChangeKind::Cost, $this->policies, $how)->standing;
            if ($standing[$id] === Standing::Followed) {
                unset($this->waiting[$id]);
            } else {
                $this->waiting[$id] = $agreed;
            }
        }
        $this->priced = $this->price();
        $again = false;
        foreach ($changes as $change) {
            $id = (string) $change->variantId;
            if (isset($standing[$id]) && $this->lookAgain($id, $standing[$id], $before[$id] ?? null, $change)) {
                $again = true;
            }
        }
        if ($again) {
            $this->priced = $this->price();
        }
        foreach ($standing as $id => $as) {
            $this->count($as, 'cost '.$id);
        }
        $this->pauses();
    }

    /**
     * A price that would leap asks after all; one that stands and fell under its floor is for the rule about floors.
     *
     * @return bool whether prices have to be made again
     */
    private function lookAgain(string $id, Standing &$standing, ?Priced $before, Change $change): bool
    {
        $now = $this->priced[$id] ?? null;
        if ($now === null || $before === null) {
            return false;
        }
        if ($standing === Standing::Followed && ! $this->holdsPrice($id)) {
            $leap = Ruling::onPrice($before->price, $now->price);
            if ($leap === null) {
                return false;
            }
            $standing = $leap->standing;
            $this->waiting[$id] = (int) (is_int($change->said) ? $change->said : 0);

            return true;
        }
        if ($now->underFloor && $standing !== Standing::Followed) {
            $standing = Ruling::underFloor($standing, $this->policies)->standing;
            if ($standing === Standing::Followed) {
                unset($this->waiting[$id]);
                $this->raised[$id] = true;

                return true;
            }
        }

        return false;
    }

    private function pauses(): void
    {
        foreach ($this->priced as $id => $priced) {
            if (! $priced->underFloor) {
                unset($this->paused[$id]);
            } elseif (! isset($this->paused[$id])) {
                $this->paused[$id] = true;
                $this->outcome->paused++;
            }
        }
    }

    private function count(Standing $standing, string $question): void
    {
        if ($standing === Standing::Asks) {
            $this->outcome->asked += isset($this->open[$question]) ? 0 : 1;
            $this->open[$question] = true;

            return;
        }
        unset($this->open[$question]);
        $standing === Standing::Followed ? $this->outcome->followed++ : $this->outcome->kept++;
    }

    private function holdsPrice(string $id): bool
    {
        return ($this->held->prices[$id] ?? null) !== null && ! isset($this->raised[$id]);
    }

    private function cost(string $id): int
    {
        return $this->now->variant($id)->cost->minor ?? 0;
    }

    /** @return array<string, Priced> */
    private function price(): array
    {
        $now = [];
        foreach ($this->now->variants as $variant) {
            if ($this->held->sells($variant->id)) {
                $now[$variant->id] = $variant->cost->minor;
            }
        }
        $held = array_diff_key($this->held->prices, $this->raised);
        $byHand = array_filter($held, static fn (?int $price): bool => $price !== null);

        return $this->pricing->priced($this->waiting + $now, $now, $byHand);
    }
}
