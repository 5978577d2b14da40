<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

/** A supplier that can be asked for stock and cost alone, which move faster than the rest of what it says. */
interface TellsWhatMoves
{
    /** Variants that are asked for at a time. */
    public const AT_ONCE = 200;

    /**
     * @param  list<string>  $variants  the supplier's ids, {@see AT_ONCE} at most
     * @return array<string, array{cost: int, stock: array<string, int>}> minor units of its currency, pieces by
     *          warehouse; a variant that isn't sold any more is missing
     *
     * @throws SupplierTrouble
     */
    public function moving(Access $access, array $variants): array;
}
