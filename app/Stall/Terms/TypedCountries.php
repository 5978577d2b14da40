<?php

declare(strict_types=1);

namespace WindowStall\Stall\Terms;

use Symfony\Component\Intl\Countries;
use WindowStall\Core\Pricing\Recipe\Fields;

/** Countries as somebody says them: a list of ISO 3166-1 codes. */
final class TypedCountries
{
    /** @return list<string> each once; none where they can't be read, which the fields note */
    public static function read(Fields $f, string $at): array
    {
        $countries = $f->get($at) ?? [];
        if (! is_array($countries) || ! array_is_list($countries)) {
            $f->problem($at, 'A list belongs here.');

            return [];
        }
        foreach ($countries as $country) {
            if (! is_string($country) || ! Countries::exists($country)) {
                $f->problem($at, 'Choose countries from the list.');

                return [];
            }
        }

        return array_values(array_unique($countries));
    }
}
