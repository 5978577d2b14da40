<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use Symfony\Component\Intl\Countries;
use WindowStall\Core\Shelves\RuleNotation;
use WindowStall\Core\Shelves\RuleWords;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** Reads a stall's rules out: its currency, its suppliers' names, countries in English. */
final class RuleReader
{
    public static function notation(Stall $stall): RuleNotation
    {
        return new RuleNotation($stall->currencyValue());
    }

    public static function words(Stall $stall): RuleWords
    {
        return new RuleWords(
            notation: self::notation($stall),
            sign: rtrim(MoneyView::text($stall->money(0)), '0.,'),
            suppliers: array_map(strval(...), SupplierConnection::of($stall)->pluck('name', 'id')->all()),
            countries: array_map(
                Stall::countrySaid(...),
                array_combine(Countries::getCountryCodes(), Countries::getCountryCodes()),
            ),
        );
    }
}
