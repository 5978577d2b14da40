<?php

declare(strict_types=1);

namespace WindowStall\Core\Shelves;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\MoneyUnreadable;

/**
 * A rule as it is written: amounts are decimal strings of the stall's currency, margins per cent.
 *
 * @phpstan-type WrittenClause array{
 *     field: string, not?: bool, names?: list<string>, from?: string, to?: string,
 * }
 * @phpstan-type WrittenGroup array{join: string, clauses: list<WrittenClause>}
 * @phpstan-type WrittenRule array{join: string, parts: list<WrittenClause|WrittenGroup>}
 */
final readonly class RuleNotation
{
    /** Names one clause may have. */
    public const MOST_NAMES = 50;

    private const MOST_DAYS = 3_650;

    private const MOST_LETTERS = 120;

    public function __construct(private Currency $currency)
    {
    }

    /**
     * @param  array<mixed>  $written
     *
     * @throws RuleUnreadable
     */
    public function read(array $written): Rule
    {
        // A group that everything was taken out of says nothing.
        $parts = array_filter(
            self::rows($written['parts'] ?? null, 'A rule'),
            static fn (array $part): bool => ($part['clauses'] ?? null) !== [],
        );

        return new Rule(
            self::joined($written['join'] ?? null),
            array_values(array_map(
                fn (array $part): Condition|ConditionGroup => isset($part['clauses'])
                    ? new ConditionGroup(
                        self::joined($part['join'] ?? null),
                        array_map($this->clause(...), self::rows($part['clauses'], 'A group')),
                    )
                    : $this->clause($part),
                $parts,
            )),
        );
    }

    /** @return WrittenRule what {@see read()} reads as the same rule */
    public function write(Rule $rule): array
    {
        return [
            'join' => $rule->joined->value,
            'parts' => array_map(
                fn (Condition|ConditionGroup $part): array => $part instanceof ConditionGroup
                    ? ['join' => $part->joined->value, 'clauses' => array_map($this->written(...), $part->clauses)]
                    : $this->written($part),
                $rule->parts,
            ),
        ];
    }

    /**
     * @param  array<mixed>  $written
     *
     * @throws RuleUnreadable
     */
    public function clause(array $written): Condition
    {
        $name = $written['field'] ?? null;
        $field = is_string($name) ? ShelfField::tryFrom($name) : null;
        if ($field === null) {
            throw new RuleUnreadable('A rule looks at something that goods don’t have.');
        }
        $not = ($written['not'] ?? false) === true;

        return match ($field->asks()) {
            Asks::Names => Condition::among($field, self::names($written['names'] ?? null, $field), $not),
            Asks::Span => $this->span($field, $written, $not),
            Asks::Days => Condition::within($field, self::days($written['to'] ?? null), $not),
            Asks::Nothing => Condition::is($field, $not),
        };
    }

    /** @return WrittenClause */
    private function written(Condition $clause): array
    {
        $said = ['field' => $clause->field->value] + ($clause->not ? ['not' => true] : []);

        return match ($clause->field->asks()) {
            Asks::Names => $said + ['names' => $clause->names],
            Asks::Span => $said + array_filter(
                [
                    'from' => $this->figure($clause->field, $clause->from),
                    'to' => $this->figure($clause->field, $clause->to),
                ],
                static fn (?string $text): bool => $text !== null,
            ),
            Asks::Days => $said + ['to' => (string) $clause->to],
            Asks::Nothing => $said,
        };
    }

    /** As a person writes it: 12.50, 30 or 5; null where it is open. */
    public function figure(ShelfField $field, ?int $figure): ?string
    {
        return match (true) {
            $figure === null => null,
            $field === ShelfField::Price, $field === ShelfField::Keep => (new Money($figure, $this->currency))->digits(),
            $field === ShelfField::Margin => (string) BigDecimal::ofUnscaledValue($figure, 2)->stripTrailingZeros(),
            default => (string) $figure,
        };
    }

    /**
     * @param  array<mixed>  $written
     *
     * @throws RuleUnreadable
     */
    private function span(ShelfField $field, array $written, bool $not): Condition
    {
        $from = $this->figureOf($field, $written['from'] ?? null);
        $to = $this->figureOf($field, $written['to'] ?? null);
        if ($from === null && $to === null) {
            throw new RuleUnreadable(sprintf('Say from where, or up to where, for %s.', $field->label()));
        }
        if ($from !== null && $to !== null && $from > $to) {
            throw new RuleUnreadable(
                sprintf(
                    'Nothing lies between %s and %s: the lower one stands first.',
                    $this->figure($field, $from),
                    $this->figure($field, $to),
                ),
            );
        }

        return Condition::between($field, $from, $to, $not);
    }

    /** @throws RuleUnreadable */
    private function figureOf(ShelfField $field, mixed $typed): ?int
    {
        $text = is_string($typed) || is_int($typed) ? trim((string) $typed) : '';
        if ($text === '') {
            return null;
        }
        if ($field === ShelfField::Price || $field === ShelfField::Keep) {
            try {
                return Money::parse($text, $this->currency)->minor;
            } catch (MoneyUnreadable $e) {
                throw new RuleUnreadable($e->getMessage(), previous: $e);
            }
        }
        try {
            $number = BigDecimal::of(rtrim(str_replace(',', '.', $text), ' %'));
        } catch (MathException) {
            throw new RuleUnreadable(sprintf('“%s” is no number.', mb_strimwidth($text, 0, 20, '…')));
        }
        $scaled = $field === ShelfField::Margin ? $number->multipliedBy(100) : $number;
        if ($scaled->abs()->isGreaterThan(1_000_000_000)) {
            throw new RuleUnreadable(sprintf('%s is more than anything can have.', mb_strimwidth($text, 0, 20, '…')));
        }

        return $scaled->toScale(0, RoundingMode::HALF_UP)->toInt();
    }

    /** @throws RuleUnreadable */
    private static function days(mixed $typed): int
    {
        $text = is_string($typed) || is_int($typed) ? trim((string) $typed) : '';
        if (preg_match('/^\d{1,4}$/D', $text) !== 1 || (int) $text > self::MOST_DAYS) {
            throw new RuleUnreadable(sprintf('Say a number of days, up to %s.', number_format(self::MOST_DAYS)));
        }

        return (int) $text;
    }

    /**
     * @return non-empty-list<string>
     *
     * @throws RuleUnreadable
     */
    private static function names(mixed $typed, ShelfField $field): array
    {
        $names = is_array($typed) ? array_values(array_filter($typed, is_string(...))) : [];
        $names = array_values(array_unique(array_filter(array_map(trim(...), $names), static fn ($n) => $n !== '')));
        if ($names === []) {
            throw new RuleUnreadable(sprintf('Choose %s for the rule to look for.', $field->label()));
        }
        if (count($names) > self::MOST_NAMES || max(array_map(mb_strlen(...), $names)) > self::MOST_LETTERS) {
            throw new RuleUnreadable(
                sprintf('A rule takes up to %d names of %d letters each.', self::MOST_NAMES, self::MOST_LETTERS),
            );
        }

        return $names;
    }

    /** @throws RuleUnreadable */
    private static function joined(mixed $typed): Joined
    {
        return (is_string($typed) ? Joined::tryFrom($typed) : null) ??
            throw new RuleUnreadable('A rule asks for all of its parts or for any.');
    }

    /**
     * @return list<array<mixed>>
     *
     * @throws RuleUnreadable
     */
    private static function rows(mixed $typed, string $what): array
    {
        if (! is_array($typed) || count($typed) > Rule::MOST_PARTS) {
            throw new RuleUnreadable(sprintf('%s has up to %d parts.', $what, Rule::MOST_PARTS));
        }
        $rows = array_values(array_filter($typed, is_array(...)));
        if (count($rows) !== count($typed)) {
            throw new RuleUnreadable($what.' is made of parts that say what they look at.');
        }

        return $rows;
    }
}
