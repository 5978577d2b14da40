<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left;

/** Where something that is left is mended. */
enum MendedAt: string
{
    case Source = 'source';
    case Bench = 'bench';
    case Board = 'board';
    case Delivery = 'delivery';
    case Taxes = 'taxes';
    case Payment = 'payment';
    case Window = 'window';
    case Pages = 'pages';
    case Shelves = 'shelves';
    case Letters = 'letters';
    case Opening = 'opening';
    case Seen = 'seen';
}
