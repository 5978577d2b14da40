<?php

declare(strict_types=1);

namespace WindowStall\Standins\Payment;

/** Somebody who has left an address and a card with the service. */
enum Person: string
{
    case Ines = 'ines';
    case Orla = 'orla';
    case Maud = 'maud';

    /** @return array<string, string> */
    public function address(): array
    {
        return match ($this) {
            self::Ines => self::said('Ines Fennimore', 'ines@fennimore.example', '4 Pound Row', 'Aldermere', 'AL4 7QT', 'GB', '+44 1632 960001'),
            self::Orla => self::said('Orla Finnegan', 'orla@finnegan.example', '2 Quay Row', 'Kilbrannan', 'D02 AF30', 'IE', '+353 1 5550 123'),
            self::Maud => self::said('Maud Veldkamp', 'maud@veldkamp.example', 'Kade 12', 'Waardemond', '1234 AB', 'NL', '+31 20 555 0199'),
        };
    }

    public function words(): string
    {
        $at = $this->address();

        return implode(', ', [$at['name'], $at['street'], $at['town'].' '.$at['postcode'], $at['country']]);
    }

    /** @return array<string, string> */
    private static function said(string ...$of): array
    {
        return array_combine(['name', 'email', 'street', 'town', 'postcode', 'country', 'phone'], $of);
    }
}
