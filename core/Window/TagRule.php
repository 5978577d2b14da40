<?php

declare(strict_types=1);

namespace WindowStall\Core\Window;

/** One rule of the corner tags: what is said, from what number on, and whether at all. */
final readonly class TagRule
{
    public function __construct(public TagKind $kind, public bool $on, public int $number)
    {
    }

    /**
     * @param  array<mixed>  $saved
     * @return list<self> each kind once, in the order saved; those that weren't come last and are off
     */
    public static function all(array $saved): array
    {
        $rules = [];
        foreach ($saved as $one) {
            $kind = is_array($one) && is_string($one['kind'] ?? null) ? TagKind::tryFrom($one['kind']) : null;
            if ($kind !== null && is_array($one)) {
                $rules[$kind->value] ??= new self($kind, ($one['on'] ?? false) === true, self::fitting($kind, $one['number'] ?? null));
            }
        }
        foreach (TagKind::cases() as $kind) {
            $rules[$kind->value] ??= new self($kind, false, $kind->usual());
        }

        return array_values($rules);
    }

    /** @return array{kind: string, on: bool, number: int} */
    public function toArray(): array
    {
        return ['kind' => $this->kind->value, 'on' => $this->on, 'number' => $this->number];
    }

    private static function fitting(TagKind $kind, mixed $number): int
    {
        $range = $kind->range();

        return $range === null || ! is_int($number) ? $kind->usual() : max($range[0], min($range[1], $number));
    }
}
