<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift\Rehearsal;

use WindowStall\Core\Drift\Docket\Docket;
use WindowStall\Core\Drift\Docket\Effect;
use WindowStall\Core\Drift\Docket\EffectKind;
use WindowStall\Core\Drift\Docket\News;
use WindowStall\Core\Drift\Docket\Own;
use WindowStall\Core\Drift\Docket\Question;
use WindowStall\Core\Drift\Docket\Reckoned;
use WindowStall\Core\Drift\Docket\Sold;
use WindowStall\Core\Drift\Standing;
use WindowStall\Core\Facts\Policies;
use WindowStall\Core\Source\Item;

/**
 * One listing played again under a set of rules: its docket hears what its supplier said, version by version, and what
 * was bought between is counted. Whoever was asked is taken to have said nothing yet: what was agreed goes on standing.
 */
final class Replay
{
    /** The listing's one item. */
    private const ITEM = 1;

    private Docket $docket;

    /** @var array<int|string, int> variants whose price waits → the cost it is made from, in minor units */
    private array $waiting = [];

    /** @var array<string, Priced> */
    private array $priced;

    /** @var array<int, Standing> as what each question was counted last, by its object's number; the docket keeps them */
    private array $counted = [];

    /** @var array<string, true> variants that aren't sold for now */
    private array $paused = [];

    public readonly Outcome $outcome;

    /**
     * @param  array<string, int|null>  $prices  price by hand, in minor units, by the supplier's id of each variant the
     *     listing sells; null where a recipe makes it
     * @param  Item  $now  as the supplier said it when the rehearsal begins, which counts as agreed
     */
    public function __construct(
        private readonly Policies $policies,
        Own $own,
        private readonly array $prices,
        private Item $now,
        private readonly PricesAtCosts $pricing,
    ) {
        $sold = [];
        foreach ($prices as $code => $price) {
            $sold[] = new Sold(key: (string) $code, item: self::ITEM, code: (string) $code, byHand: $price !== null);
        }
        $this->docket = new Docket($own, [self::ITEM => $policies], $sold);
        $this->outcome = new Outcome;
        $this->priced = $this->price([]);
    }

    /** The supplier says something else. */
    public function said(Item $now): void
    {
        $effects = $this->docket->hear(new News(self::ITEM, $this->now, $now));
        $this->now = $now;
        $told = [];
        foreach ($effects as $effect) {
            $this->follow($effect);
            if (in_array($effect->kind, [EffectKind::Noted, EffectKind::WentOn], true)) {
                $told[spl_object_id($effect->question)] = $effect->question;
            }
        }
        if (array_filter($effects, self::moves(...)) !== []) {
            $this->reprice($told);
        }
        array_walk($told, $this->count(...));
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

    /** A price that waits is made from the cost that was agreed. */
    private function follow(Effect $effect): void
    {
        $question = $effect->question;
        match ($effect->kind) {
            EffectKind::PriceWaits => $this->waiting[(string) $question->sold] = self::agreed($question),
            EffectKind::PriceFree => $this->free($question),
            default => null,
        };
    }

    /** Whether prices have to be made anew because of it. */
    private static function moves(Effect $effect): bool
    {
        return $effect->question->kind->prices() || $effect->kind === EffectKind::CarriedOut;
    }

    /** @param  array<int, Question>  $told  what was noted or went on */
    private function reprice(array $told): void
    {
        $before = $this->priced;
        $this->priced = $this->price($this->waiting);
        $agreed = $this->waiting === [] ? $this->priced : $this->price([]);
        $again = false;
        foreach ($told as $question) {
            $sold = $this->docket->sold()[$question->sold] ?? null;
            [$was, $stands] = [$before[$sold?->code] ?? null, $this->priced[$sold?->code] ?? null];
            if ($sold !== null && $question->kind->prices() && $was !== null && $stands !== null) {
                $is = $agreed[$sold->code]->price ?? $stands->price;
                $again = $this->reckon($question, $sold, $was->price, $is, $stands->underFloor) || $again;
            }
        }
        if ($again) {
            $this->priced = $this->price($this->waiting);
        }
        $this->pause();
    }

    /**
     * @param  int  $was  the price before, in minor units
     * @param  int  $is  the price if the change counts
     * @return bool whether prices have to be made once more
     */
    private function reckon(Question $question, Sold $sold, int $was, int $is, bool $underFloor): bool
    {
        $reckoned = Reckoned::of(
            stands: $question->standing,
            byHand: $sold->byHand,
            was: $was,
            is: $is,
            underFloor: $underFloor,
            policies: fn (): Policies => $this->policies,
        );
        $this->docket->reckoned($question, $reckoned);
        if ($reckoned->leaps) {
            $this->waiting[(string) $sold->key] = self::agreed($question);
        } elseif ($reckoned->raised) {
            $this->free($question);
        }

        return $reckoned->leaps || $reckoned->raised;
    }

    private function free(Question $question): void
    {
        unset($this->waiting[(string) $question->sold]);
    }

    private static function agreed(Question $question): int
    {
        return is_int($question->said) ? $question->said : 0;
    }

    private function pause(): void
    {
        foreach ($this->priced as $code => $priced) {
            if (! $priced->underFloor) {
                unset($this->paused[$code]);
            } elseif (! isset($this->paused[$code])) {
                $this->paused[$code] = true;
                $this->outcome->paused++;
            }
        }
    }

    /** A question that goes on as it stood is counted once. */
    private function count(Question $question): void
    {
        $id = spl_object_id($question);
        if (($this->counted[$id] ?? null) === $question->standing) {
            return;
        }
        $this->counted[$id] = $question->standing;
        match ($question->standing) {
            Standing::Asks => $this->outcome->asked++,
            Standing::Followed => $this->outcome->followed++,
            default => $this->outcome->kept++,
        };
    }

    /**
     * @param  array<int|string, int>  $waiting  variants whose price is made from what was agreed → that cost
     * @return array<string, Priced> by the supplier's id of the variant
     */
    private function price(array $waiting): array
    {
        $now = $agreed = $byHand = [];
        foreach ($this->docket->sold() as $key => $sold) {
            $variant = $this->now->variant($sold->code);
            if ($variant === null || ! array_key_exists($key, $this->prices)) {
                continue;
            }
            $now[$sold->code] = $variant->cost->minor;
            $agreed[$sold->code] = $waiting[$key] ?? $variant->cost->minor;
            $price = $this->prices[$key];
            if ($sold->byHand && $price !== null) {
                $byHand[$sold->code] = $price;
            }
        }

        return $this->pricing->priced($agreed, $now, $byHand);
    }
}
