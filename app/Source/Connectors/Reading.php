<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

use DateTimeImmutable;

/**
 * Reads an unknown array field by field; whatever isn't of the shape expected is trouble with the supplier.
 *
 * By hand rather than by validation rules, whose wildcards take minutes over an item of ten thousand variants.
 */
final readonly class Reading
{
    /** @param  array<mixed>  $said */
    private function __construct(private string $supplier, private array $said)
    {
    }

    public static function of(string $supplier, mixed $said): self
    {
        return new self($supplier, is_array($said) ? $said : throw SupplierTrouble::strange($supplier));
    }

    public function text(string $field, int $most = 65_000, bool $mayBeEmpty = false): string
    {
        $value = $this->said[$field] ?? null;

        // What no column takes is no answer.
        $fits =
            is_string($value) && (strlen($value) <= $most || mb_strlen($value) <= $most) && ! str_contains($value, "\0");

        return $fits && ($mayBeEmpty || $value !== '') ? $value : $this->strange();
    }

    public function textOrNull(string $field, int $most = 65_000): ?string
    {
        return ($this->said[$field] ?? null) === null ? null : $this->text($field, $most, true);
    }

    public function whole(string $field, int $least = 0, int $most = PHP_INT_MAX): int
    {
        $value = $this->said[$field] ?? null;

        return is_int($value) && $value >= $least && $value <= $most ? $value : $this->strange();
    }

    public function wholeOrNull(string $field, int $least = 0, int $most = PHP_INT_MAX): ?int
    {
        return ($this->said[$field] ?? null) === null ? null : $this->whole($field, $least, $most);
    }

    public function numberOrNull(string $field): ?float
    {
        $value = $this->said[$field] ?? null;

        return $value === null ? null : (is_int($value) || is_float($value) ? (float) $value : $this->strange());
    }

    public function mapOrNone(string $field): ?self
    {
        return ($this->said[$field] ?? null) === null ? null : self::of($this->supplier, $this->said[$field]);
    }

    /** @return list<self> */
    public function list(string $field, int $most = 10_000): array
    {
        return array_map(fn (mixed $each): self => self::of($this->supplier, $each), $this->plainList($field, $most));
    }

    /** @return list<self> where it is left out, none */
    public function listOrNone(string $field, int $most = 10_000): array
    {
        return isset($this->said[$field]) ? $this->list($field, $most) : [];
    }

    /** @return list<string> */
    public function texts(string $field, int $most = 200): array
    {
        return array_map(
            fn (mixed $each): string => is_string($each) ? $each : $this->strange(),
            $this->plainList($field, $most),
        );
    }

    /** @return list<string> where it is left out, none */
    public function textsOrNone(string $field, int $most = 200): array
    {
        return isset($this->said[$field]) ? $this->texts($field, $most) : [];
    }

    /** @return array<string, string> */
    public function textMap(string $field): array
    {
        $map = [];
        foreach ($this->plainMap($field) as $key => $value) {
            $map[(string) $key] = is_string($value) ? $value : $this->strange();
        }

        return $map;
    }

    /** @return array<string, int> */
    public function wholeMap(string $field): array
    {
        $map = [];
        foreach ($this->plainMap($field) as $key => $value) {
            $map[(string) $key] = is_int($value) && $value >= 0 ? $value : $this->strange();
        }

        return $map;
    }

    /** @return array<string, int> where it is left out, none */
    public function wholeMapOrNone(string $field): array
    {
        return isset($this->said[$field]) ? $this->wholeMap($field) : [];
    }

    /** As it came, to be read by somebody else. */
    public function plain(string $field): mixed
    {
        return $this->said[$field] ?? null;
    }

    /** A moment as RFC 3339 writes it. */
    public function momentOrNull(string $field): ?DateTimeImmutable
    {
        $text = $this->textOrNull($field, 40);
        $moment = $text === null ? null : DateTimeImmutable::createFromFormat(DATE_RFC3339, $text);

        return $moment === false ? $this->strange() : $moment;
    }

    public function flag(string $field, bool $else = false): bool
    {
        $value = $this->said[$field] ?? $else;

        return is_bool($value) ? $value : $this->strange();
    }

    /** @return list<string> the names of what is said */
    public function keys(): array
    {
        return array_map(strval(...), array_keys($this->plainMapOf($this->said)));
    }

    /** @return list<int> where it is left out, none */
    public function wholesOrNone(string $field, int $most): array
    {
        return array_map(
            fn (mixed $n): int => is_int($n) && $n >= 0 ? $n : $this->strange(),
            isset($this->said[$field]) ? $this->plainList($field, $most) : [],
        );
    }

    /** @return list<list<int>> where it is left out, none */
    public function wholeListsOrNone(string $field, int $most): array
    {
        return array_map(
            fn (mixed $some): array => self::of($this->supplier, ['some' => $some])->wholesOrNone('some', $most),
            isset($this->said[$field]) ? $this->plainList($field, $most) : [],
        );
    }

    /** @return list<array{float, float}> */
    public function points(string $field): array
    {
        return array_map(function (mixed $point): array {
            $said = self::of($this->supplier, $point);

            return [
                $said->numberOrNull('0') ?? $this->strange(),
                $said->numberOrNull('1') ?? $this->strange(),
            ];
        }, $this->plainList($field, 100));
    }

    /** @return array{int, int} working days, the lesser first */
    public function days(string $field): array
    {
        $value = $this->said[$field] ?? null;
        if (
            ! is_array($value) ||
            count($value) !== 2 ||
            ! is_int($value[0] ?? null) ||
            ! is_int($value[1] ?? null) ||
            min($value) < 0 ||
            max($value) > 365
        ) {
            return $this->strange();
        }

        return [min($value[0], $value[1]), max($value[0], $value[1])];
    }

    /** @return list<mixed> */
    private function plainList(string $field, int $most): array
    {
        $value = $this->said[$field] ?? null;

        return is_array($value) && array_is_list($value) && count($value) <= $most ? $value : $this->strange();
    }

    /** @return array<mixed> */
    private function plainMap(string $field): array
    {
        return $this->plainMapOf($this->said[$field] ?? null);
    }

    /** @return array<mixed> */
    private function plainMapOf(mixed $value): array
    {
        return is_array($value) && count($value) <= 100 ? $value : $this->strange();
    }

    private function strange(): never
    {
        throw SupplierTrouble::strange($this->supplier);
    }
}
