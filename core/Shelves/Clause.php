<?php

declare(strict_types=1);

namespace WindowStall\Core\Shelves;

/** One thing that a rule asks of goods: of names any, of amounts from one up to another, both included. */
final readonly class Clause
{
    /**
     * @param  list<string>  $names  for {@see Asks::Names}
     * @param  int|null  $from  for {@see Asks::Span}: minor units, basis points or pieces
     * @param  int|null  $to  for {@see Asks::Span} and {@see Asks::Days}
     */
    private function __construct(
        public Field $field,
        public bool $not,
        public array $names,
        public ?int $from,
        public ?int $to,
    ) {
    }

    /** @param  list<string>  $names */
    public static function among(Field $field, array $names, bool $not = false): self
    {
        self::fits($field, Asks::Names);

        return new self($field, $not, $names, null, null);
    }

    public static function between(Field $field, ?int $from, ?int $to, bool $not = false): self
    {
        self::fits($field, Asks::Span);

        return new self($field, $not, [], $from, $to);
    }

    public static function within(Field $field, int $days, bool $not = false): self
    {
        self::fits($field, Asks::Days);

        return new self($field, $not, [], null, $days);
    }

    public static function is(Field $field, bool $not = false): self
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
            Field::Tag => $this->shares($goods->tags),
            Field::Type => $this->shares([$goods->type]),
            Field::Supplier => $this->shares($goods->suppliers),
            Field::Option => $this->shares($goods->options),
            Field::PostedFrom => $this->shares($goods->postedFrom),
            Field::Price => $this->lies($goods->price),
            Field::Keep => $this->lies($goods->keep),
            Field::Margin => $this->lies($goods->marginBp),
            Field::Stock => $this->lies($goods->stock),
            Field::New => $this->lies($goods->newDays),
            Field::Sold => $this->lies($goods->soldDays),
            Field::Days => $this->lies($goods->days),
            Field::Buyable => $goods->buyable,
            Field::Printed => $goods->printed,
            Field::Was => $goods->was,
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

    private static function fits(Field $field, Asks $asks): void
    {
        if ($field->asks() !== $asks) {
            throw new \LogicException(sprintf('A clause about %s asks for %s.', $field->value, $field->asks()->value));
        }
    }
}
