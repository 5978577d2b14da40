<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Delivery\Address;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\Address\AddressField;
use WindowStall\Core\Delivery\Address\AddressForm;

final class AddressFormTest extends TestCase
{
    #[TestWith(['GB', 'NACZ'])]
    #[TestWith(['DE', 'NAZC'])]
    #[TestWith(['NL', 'NAZC'])]
    #[TestWith(['US', 'NACSZ'])]
    #[TestWith(['CA', 'NACSZ'])]
    #[TestWith(['HK', 'NAC'], 'its parts aren’t in the standard, and it has no postcodes')]
    #[TestWith(['AE', 'NAC'], 'no postcodes; a town is asked for all the same')]
    #[TestWith(['IE', 'NACZ'], 'the postcode says the county')]
    #[TestWith(['QQ', 'NACZ'], 'a country that nobody knows')]
    public function test_an_address_has_its_countrys_fields_in_their_order(string $country, string $fields): void
    {
        $form = AddressForm::of($country);
        self::assertSame($fields, implode('', array_map(static fn (AddressField $f): string => $f->value, $form->fields)));
        self::assertSame(str_contains($fields, 'Z'), $form->asks(AddressField::Postcode));
        self::assertSame(str_contains($fields, 'S'), $form->partNames !== []);
    }

    public function test_parts_have_their_codes_and_names(): void
    {
        self::assertSame('Oregon', AddressForm::of('US')->partNames['US-OR']);
        self::assertSame([], AddressForm::parts('GB'));
    }
}
