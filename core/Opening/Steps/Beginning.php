<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Steps;

/** What somebody who opens a stall means to sell. */
enum Beginning: string
{
    case Bring = 'bring';
    case Print = 'print';
    case Both = 'both';
    /** For somebody else, who is handed it when it stands. */
    case Client = 'client';

    /** @return list<FirstStep> in the order of the work */
    public function steps(): array
    {
        $goods = match ($this) {
            self::Bring => [FirstStep::Supplier, FirstStep::Goods],
            self::Print => [FirstStep::Printer, FirstStep::Artwork, FirstStep::Made],
            self::Both, self::Client => [FirstStep::Supplier, FirstStep::Goods, FirstStep::Printer, FirstStep::Artwork, FirstStep::Made],
        };

        return [
            ...$goods, FirstStep::Window, FirstStep::Shop, FirstStep::Who, FirstStep::Policies, FirstStep::Payment, FirstStep::Rehearsal,
            FirstStep::Open,
        ];
    }
}
