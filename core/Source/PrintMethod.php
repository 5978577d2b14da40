<?php

declare(strict_types=1);

namespace WindowStall\Core\Source;

use WindowStall\Core\Money\Money;

/**
 * A way of printing a blank: what it adds to the cost for the first area and for each further one, which areas it reaches,
 * and what it can hold.
 *
 * @phpstan-type SaidMethod array{
 *     code: string, name: string, first: int, further: int, areas: list<string>, byArea?: array<string, int>,
 *     underbase?: int|null, limits?: SaidLimits,
 * }
 *
 * @phpstan-import-type SaidLimits from PrintLimits
 */
final readonly class PrintMethod
{
    /**
     * @param  list<string>  $areas  codes
     * @param  array<string, Money>  $byArea  where an area has a cost of its own
     * @param  Money|null  $underbase  for the white under each area on dark cloth
     */
    public function __construct(
        public string $code,
        public string $name,
        public Money $first,
        public Money $further,
        public array $areas,
        public array $byArea = [],
        public ?Money $underbase = null,
        public PrintLimits $limits = new PrintLimits(),
    ) {
    }

    /** @return SaidMethod */
    public function toArray(): array
    {
        return [
            'code' => $this->code,
            'name' => $this->name,
            'first' => $this->first->minor,
            'further' => $this->further->minor,
            'areas' => $this->areas,
            'byArea' => array_map(static fn (Money $m): int => $m->minor, $this->byArea),
            'underbase' => $this->underbase?->minor,
            'limits' => $this->limits->toArray(),
        ];
    }

    /** @param  SaidMethod  $said */
    public static function fromArray(array $said, string $currency): self
    {
        return new self(
            $said['code'],
            $said['name'],
            Money::of($said['first'], $currency),
            Money::of($said['further'], $currency),
            $said['areas'],
            array_map(static fn (int $m): Money => Money::of($m, $currency), $said['byArea'] ?? []),
            isset($said['underbase']) ? Money::of($said['underbase'], $currency) : null,
            isset($said['limits']) ? new PrintLimits(...$said['limits']) : new PrintLimits(),
        );
    }
}
