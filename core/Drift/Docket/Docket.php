<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift\Docket;

use WindowStall\Core\Drift\Change;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Circumstances;
use WindowStall\Core\Drift\Drift;
use WindowStall\Core\Drift\Ruling;
use WindowStall\Core\Drift\Standing;
use WindowStall\Core\Facts\Policies;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Item;

/**
 * A listing while what its suppliers say otherwise is judged. It knows what the seller said themselves, what waits and
 * what is open; it hears news and answers with what is to be done, in order. Nothing is read and nothing written here:
 * the app folds it over what was pulled, the rehearsal over what is on record.
 *
 * @phpstan-type Waiting array{title?: string, words?: string, pictures?: list<string>}
 */
final class Docket
{
    /** @var array<int|string, Sold> by key */
    private array $sold = [];

    /** @var array<string, int|string> keys of the same, by item and the supplier's id */
    private array $keys = [];

    /** @var array<string, Sold> those that were taken off meanwhile, likewise */
    private array $off = [];

    /** @var list<Question> */
    private array $questions = [];

    /** @var array<string, list<Question>> the same by what they are about */
    private array $about = [];

    /** @var array<int|string, list<Question>> those over which a price waits, by the variant's key */
    private array $ofPrice = [];

    /** @var list<Effect> */
    private array $effects = [];

    /**
     * @param  Own  $own  what of the listing is the seller's own word
     * @param  array<int, Policies>  $policies  the rules for goods of each item
     * @param  list<Sold>  $sold  variants that a change or a question may be about
     * @param  list<Question>  $questions  what asks or is kept by a rule, the oldest first
     * @param  Waiting  $waiting  words and pictures that stand while what is said otherwise waits
     * @param  array<int, list<string>>  $sources  item → variants of it that stand behind another as a further source
     */
    public function __construct(
        private readonly Own $own,
        private readonly array $policies,
        array $sold,
        array $questions = [],
        private array $waiting = [],
        private readonly array $sources = [],
    ) {
        foreach ($sold as $variant) {
            $this->sell($variant);
        }
        foreach ($questions as $question) {
            $this->file($question);
        }
    }

    /** @return list<Effect> what is to be done about it, in order */
    public function hear(News $news): array
    {
        foreach ($news->changes as $change) {
            $said = Drift::said($news->now, $change->kind, (string) $change->variantId);
            $this->change($news->item, $change, $said, $news->now);
        }

        return $this->taken();
    }

    /**
     * What a supplier charges otherwise for delivery of a variant.
     *
     * @param  Change  $change  with what it was before
     * @param  int  $minor  what it is now, in minor units
     * @return list<Effect>
     */
    public function hearOfDelivery(int $item, Change $change, int $minor): array
    {
        $this->change($item, $change, $minor, null);

        return $this->taken();
    }

    /** Takes up what became of a question once prices were made of it. */
    public function reckoned(Question $question, Reckoned $reckoned): void
    {
        $question->standing = $reckoned->standing;
        $question->rule = $reckoned->rule ?? $question->rule;
        $sold = $this->sold[$question->sold] ?? null;
        if ($sold !== null && ($reckoned->leaps || $reckoned->raised)) {
            $sold->waits = $reckoned->leaps;
            $sold->byHand = $sold->byHand && ! $reckoned->raised;
        }
    }

    /** @return Waiting words and pictures that stand by now */
    public function waiting(): array
    {
        return $this->waiting;
    }

    /** @return array<int|string, Sold> by key */
    public function sold(): array
    {
        return $this->sold;
    }

    /** @return list<Effect> */
    private function taken(): array
    {
        [$effects, $this->effects] = [$this->effects, []];

        return $effects;
    }

    /** @param  string|int|list<string>|null  $said  what is said now of what it is about */
    private function change(int $item, Change $change, string|int|array|null $said, ?Item $now): void
    {
        $sold = $this->variant($item, (string) $change->variantId);
        if ($this->settles($item, $change, $now) || ! $this->concerns($item, $change, $sold, $now)) {
            return;
        }
        $open = $this->open($item, $change->kind, (string) $change->variantId);
        $open === null
            ? $this->note($item, $change, $sold)
            : $this->goOn($open, $change, $sold, $said);
    }

    private function note(int $item, Change $change, ?Sold $sold): void
    {
        $held = $this->own->holds($change->kind, $sold);
        $ruling = Ruling::on($change->kind, $this->policies[$item], new Circumstances($held, $change->movedBp));
        $question = new Question(
            item: $item,
            kind: $change->kind,
            variant: (string) $change->variantId,
            said: $change->said,
            after: $change->after,
            standing: $ruling->standing,
            rule: $ruling->rule,
            movedBp: $change->movedBp,
            sold: $sold?->key,
        );
        $this->file($question);
        // Where the seller's own word stands nothing has to wait; given back, the field follows what is said then.
        if ($ruling->standing !== Standing::Followed && ! $held) {
            $this->putBy($question, $change, $sold);
        }
        $this->effects[] = new Effect(EffectKind::Noted, $question, $sold, $change);
        $this->carryOut($question);
    }

    /**
     * What was open already: what is said now takes the place of what was said then, or it is as it was agreed again.
     *
     * @param  string|int|list<string>|null  $said
     */
    private function goOn(Question $open, Change $change, ?Sold $sold, string|int|array|null $said): void
    {
        $open->after = $change->after;
        if ($open->kind->waits() && $said === $open->said) {
            $this->takeBack($open);
            $this->letGo($open);

            return;
        }
        if ($open->kind->prices() && is_int($open->said) && is_int($said) && $open->said !== 0) {
            $open->movedBp = Drift::movedBp($open->said, $said);
        }
        // Rules may say otherwise by now, or it moved back so far that nobody need be asked.
        $how = new Circumstances($this->own->holds($open->kind, $sold), $open->movedBp);
        $ruling = Ruling::on($open->kind, $this->policies[$open->item], $how);
        [$open->standing, $open->rule] = [$ruling->standing, $ruling->rule];
        if ($ruling->standing === Standing::Followed) {
            $this->letGo($open);
        }
        $this->effects[] = new Effect(EffectKind::WentOn, $open, $sold);
        $this->carryOut($open);
    }

    /** Whether a change is the listing's: of a variant it has, or a new one of its part. */
    private function concerns(int $item, Change $change, ?Sold $sold, ?Item $now): bool
    {
        $code = (string) $change->variantId;

        return match (true) {
            $change->kind === ChangeKind::VariantNew => $sold === null
                && $this->own->takes($now?->variant($code))
                && ! in_array($code, $this->sources[$item] ?? [], true),
            $change->variantId !== null => $sold !== null,
            default => true,
        };
    }

    /** Whether the supplier took back what was open. */
    private function settles(int $item, Change $change, ?Item $now): bool
    {
        if ($change->kind === ChangeKind::VariantRenamed) {
            return $this->renamedAgain($item, $change);
        }
        if ($change->kind === ChangeKind::ItemBack) {
            $renamed = $this->open($item, ChangeKind::ItemRenamed, '');
            $renamed === null || $this->takeBack($renamed);
        }
        $opposite = $change->kind->opposite();
        $open = $opposite === null ? null : $this->open($item, $opposite, (string) $change->variantId);
        if ($open === null) {
            return false;
        }
        $this->takeBack($open);
        $this->cameBack($open, $now);

        return true;
    }

    /** A variant that was gone may cost something else by now. */
    private function cameBack(Question $gone, ?Item $now): void
    {
        $variant = $gone->kind === ChangeKind::VariantGone ? $now?->variant($gone->variant) : null;
        if ($variant !== null && is_int($gone->said) && $gone->said !== $variant->cost->minor) {
            $change = Drift::cost(new Money($gone->said, $variant->cost->currency), $variant);
            $this->change($gone->item, $change, $variant->cost->minor, $now);
        }
    }

    /** What asks whether it is another has a third code by now, or the first again. */
    private function renamedAgain(int $item, Change $change): bool
    {
        foreach ($this->questions as $open) {
            $same = $open->item === $item
                && $open->kind === ChangeKind::VariantRenamed
                && $open->said === $change->variantId
                && $open->asks();
            if ($same && $open->variant === $change->said) {
                $this->takeBack($open);
            } elseif ($same) {
                [$open->said, $open->after] = [$change->said, $change->after];
                $this->effects[] = new Effect(EffectKind::WentOn, $open);
            }
            if ($same) {
                return true;
            }
        }

        return false;
    }

    private function open(int $item, ChangeKind $kind, string $variant): ?Question
    {
        foreach ($this->about[self::about($item, $kind, $variant)] ?? [] as $open) {
            if ($open->asks() || $open->standing === Standing::Kept && $this->standsBy($open)) {
                return $open;
            }
        }

        return null;
    }

    /**
     * Whether what was agreed still stands because of a change that was kept; where the seller's own word does, it is
     * history.
     */
    private function standsBy(Question $kept): bool
    {
        return match ($kept->kind) {
            ChangeKind::Title, ChangeKind::Words, ChangeKind::Pictures => isset($this->waiting[$kept->kind->value]),
            ChangeKind::Cost => ($this->sold[$kept->sold] ?? null)?->waits === true,
            ChangeKind::VariantNew, ChangeKind::VariantGone, ChangeKind::ItemGone => true,
            default => false,
        };
    }

    private function takeBack(Question $open): void
    {
        $open->standing = Standing::Settled;
        $this->effects[] = new Effect(EffectKind::TakenBack, $open);
    }

    /** What was agreed goes on standing. */
    private function putBy(Question $question, Change $change, ?Sold $sold): void
    {
        match ($change->kind) {
            ChangeKind::Title => $this->waiting['title'] ??= is_string($change->said) ? $change->said : '',
            ChangeKind::Words => $this->waiting['words'] ??= is_string($change->said) ? $change->said : '',
            ChangeKind::Pictures => $this->waiting['pictures'] ??= is_array($change->said) ? $change->said : [],
            ChangeKind::Cost, ChangeKind::Delivery => $this->priceWaits($question, $sold),
            default => null,
        };
    }

    /** A price that waits already was agreed before. */
    private function priceWaits(Question $question, ?Sold $sold): void
    {
        if ($sold !== null && $sold->priced && ! $sold->waits) {
            $sold->waits = true;
            $this->effects[] = new Effect(EffectKind::PriceWaits, $question, $sold);
        }
    }

    /** A price goes on waiting where something else of its variant asks. */
    private function letGo(Question $question): void
    {
        unset($this->waiting[$question->kind->value]);
        $sold = $question->kind->prices() ? $this->sold[$question->sold] ?? null : null;
        foreach ($sold === null ? [] : $this->ofPrice[$sold->key] ?? [] as $other) {
            if ($other !== $question && $other->asks()) {
                return;
            }
        }
        if ($sold !== null) {
            $sold->waits = false;
            $this->effects[] = new Effect(EffectKind::PriceFree, $question, $sold);
        }
    }

    /** What changes the listing's make-up is done to it where rules let it. */
    private function carryOut(Question $question): void
    {
        if (! $question->carriesOut()) {
            return;
        }
        $sold = $this->sold[$question->sold] ?? null;
        match ($question->kind) {
            ChangeKind::VariantNew => $this->bringIn($question->item, $question->variant),
            ChangeKind::VariantRenamed => $this->sellAs($sold, $question->said),
            ChangeKind::VariantGone => $this->takeOff($sold),
            default => null,
        };
        $this->effects[] = new Effect(EffectKind::CarriedOut, $question, $sold);
    }

    private function sell(Sold $sold): void
    {
        $this->sold[$sold->key] = $sold;
        $this->keys[$sold->item.' '.$sold->code] = $sold->key;
    }

    /** One that was taken off comes in as it was. */
    private function bringIn(int $item, string $code): void
    {
        $this->sell($this->off[$item.' '.$code] ?? new Sold($code, $item, $code));
    }

    /** @param  string|int|list<string>|null  $code */
    private function sellAs(?Sold $sold, string|int|array|null $code): void
    {
        if ($sold !== null && is_string($code)) {
            unset($this->keys[$sold->item.' '.$sold->code]);
            $sold->code = $code;
            $this->sell($sold);
        }
    }

    private function takeOff(?Sold $sold): void
    {
        if ($sold !== null) {
            $at = $sold->item.' '.$sold->code;
            $this->off[$at] = $sold;
            unset($this->sold[$sold->key], $this->keys[$at]);
        }
    }

    private function file(Question $question): void
    {
        $this->questions[] = $question;
        $this->about[self::about($question->item, $question->kind, $question->variant)][] = $question;
        if ($question->sold !== null && $question->kind->prices()) {
            $this->ofPrice[$question->sold][] = $question;
        }
    }

    private static function about(int $item, ChangeKind $kind, string $variant): string
    {
        return $item.' '.$kind->value.' '.$variant;
    }

    /** The listing's variant that a change is about; null where the seller left it out, or it is of another part. */
    private function variant(int $item, string $code): ?Sold
    {
        $key = $code === '' ? null : $this->keys[$item.' '.$code] ?? null;

        return $key === null ? null : $this->sold[$key];
    }
}
