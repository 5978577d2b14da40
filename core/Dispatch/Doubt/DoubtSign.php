<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Doubt;

/** Why a person should look at an order before it goes. */
enum DoubtSign: string
{
    case ManyCards = 'cards';
    case FarCard = 'far';
    case ThrowAwayMail = 'mail';
    case ManyPieces = 'pieces';
}
