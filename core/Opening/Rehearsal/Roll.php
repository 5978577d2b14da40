<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Rehearsal;

/**
 * What the shoppers of one rehearsal did and read.
 *
 * @phpstan-import-type StoredShopper from RolledShopper
 */
final readonly class Roll
{
    /** @param  list<RolledShopper>  $shoppers */
    public function __construct(public array $shoppers)
    {
    }

    /** @return list<RolledShopper> who left before the end */
    public function stuck(): array
    {
        return array_values(array_filter($this->shoppers, static fn (RolledShopper $one): bool => $one->broken() !== null));
    }

    /**
     * Who is stuck now at what went well for a shopper like them in an earlier one.
     *
     * @return list<RolledShopper>
     */
    public function brokeSince(self $earlier): array
    {
        return array_values(array_filter($this->stuck(), static function (RolledShopper $now) use ($earlier): bool {
            $kind = $now->broken()?->kind;
            foreach ($earlier->shoppers as $then) {
                if ($kind !== null && $then->country === $now->country && $then->method === $now->method) {
                    return $then->outcome($kind) === StepOutcome::Fine;
                }
            }

            return false;
        }));
    }

    /** @param  list<StoredShopper>  $said */
    public static function from(array $said): self
    {
        return new self(array_map(RolledShopper::from(...), $said));
    }

    /** @return list<StoredShopper> */
    public function toArray(): array
    {
        return array_map(static fn (RolledShopper $one): array => $one->toArray(), $this->shoppers);
    }
}
