<?php

declare(strict_types=1);

namespace WindowStall\Core\Shelves;

/** One thing that a rule asks of goods: of names any, of amounts from one up to another, both included. */
final readonly class Condition
{
    /**
     * @param  list<string>  $names  for {@see Asks::Names}
     * @param  int|null  $from  for {@see Asks::Span}: minor units, basis points or pieces
     * @param  int|null  $to  for {@see Asks::Span} and {@see Asks::Days}
     */
    private function __construct(
        public ShelfField $field,
        public bool $not,
        public array $names,
        public ?int $from,
        public ?int $to,
    ) {
    }

    /** @param  list<string>  $names */
    public static function among(ShelfField $field, array $names, bool $not = false): self
    {
        self::fits($field, Asks::Names);

        return new self($field, $not, $names, null, null);
    }

    public static function between(ShelfField $field, ?int $from, ?int $to, bool $not = false): self
    {
        self::fits($field, Asks::Span);

        return new self($field, $not, [], $from, $to);
    }

    public static function within(ShelfField $field, int $days, bool $not = false): self
    {
        self::fits($field, Asks::Days);

        return new self($field, $not, [], null, $days);
    }

    public static function is(ShelfField $field, bool $not = false): self
    {
        self::fits($field, Asks::Nothing);

        return new self($field, $not, [], null, null);
    }

    public function negated(): self
    {
        return new self($this->field, ! $this->not, $this->names, $this->from, $this->to);
    }

    public function holds(Goods $goods): bool
    {
        return $this->not !== $this->fulfilled($goods);
    }

    /** What isn't known doesn't lie between anything: then it doesn't hold, and its opposite does. */
    private function fulfilled(Goods $goods): bool
    {
        return match ($this->field) {
            ShelfField::Tag => $this->shares($goods->tags),
            ShelfField::Type => $this->shares([$goods->type]),
            ShelfField::Supplier => $this->shares($goods->suppliers),
            ShelfField::Option => $this->shares($goods->options),
            ShelfField::PostedFrom => $this->shares($goods->postedFrom),
            ShelfField::Price => $this->lies($goods->price),
            ShelfField::Keep => $this->lies($goods->keep),
            ShelfField::Margin => $this->lies($goods->marginBp),
            ShelfField::Stock => $this->lies($goods->stock),
            ShelfField::New => $this->lies($goods->newDays),
            ShelfField::Sold => $this->lies($goods->soldDays),
            ShelfField::Days => $this->lies($goods->days),
            ShelfField::Buyable => $goods->buyable,
            ShelfField::Printed => $goods->printed,
            ShelfField::Was => $goods->was,
        };
    }

    private function lies(?int $figure): bool
    {
        return $figure !== null &&
            ($this->from === null || $figure >= $this->from) &&
            ($this->to === null || $figure <= $this->to);
    }

    /**
     * Whatever the case of their letters.
     *
     * @param  list<string>  $had
     */
    private function shares(array $had): bool
    {
        return array_intersect(array_map(mb_strtolower(...), $this->names), array_map(mb_strtolower(...), $had)) !== [];
    }

    private static function fits(ShelfField $field, Asks $asks): void
    {
        if ($field->asks() !== $asks) {
            throw new \LogicException(sprintf('A clause about %s asks for %s.', $field->value, $field->asks()->value));
        }
    }
}
