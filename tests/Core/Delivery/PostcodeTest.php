<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Delivery;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\Postcode;

final class PostcodeTest extends TestCase
{
    #[TestWith(['al4  7qt', 'GB', 'AL4 7QT'])]
    #[TestWith(['WX23DD', 'GB', 'WX23DD'])]
    #[TestWith(['d02 af30', 'IE', 'D02 AF30'])]
    #[TestWith(['1234 ab', 'NL', '1234 AB'])]
    #[TestWith(['01067', 'DE', '01067'])]
    #[TestWith(['X', 'GB', null])]
    #[TestWith(['12345', 'GB', null])]
    #[TestWith(["01067\n1", 'DE', null])]
    #[TestWith(['1067', 'DE', null])]
    #[TestWith(['A1', 'HK', 'A1'])]
    #[TestWith(['X', 'HK', null])]
    public function test_a_postcode_has_the_form_of_its_country(string $typed, string $country, ?string $read): void
    {
        self::assertSame($read, Postcode::read($typed, $country));
    }

    public function test_every_form_can_be_matched_against(): void
    {
        $forms = require __DIR__.'/../../../core/Delivery/postcode-forms.php';
        self::assertGreaterThan(150, count($forms));
        foreach (array_keys($forms) as $country) {
            self::assertNull(Postcode::read('?', (string) $country));
        }
    }
}
