<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Tax;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Delivery\Places\Postcodes;
use WindowStall\Core\Delivery\Places\Territory;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Tax\TaxClass;
use WindowStall\Core\Tax\TaxNumber;
use WindowStall\Core\Tax\TaxRate;
use WindowStall\Core\Tax\TaxTable;

/** Which rate counts where and when, and which numbers businesses have. */
final class TaxTableTest extends TestCase
{
    private TaxTable $table;

    protected function setUp(): void
    {
        $rate = static fn (Territory $where, TaxClass $class, int $bp, string $from = '2020-01-01'): TaxRate => new TaxRate(
            $where,
            $class,
            Rate::bp($bp),
            $from,
            '',
        );
        $this->table = new TaxTable([
            $rate(new Territory('IE'), TaxClass::Reduced, 1_350),
            $rate(new Territory('IE'), TaxClass::Reduced, 900, '2027-01-01'),
            $rate(new Territory('IE'), TaxClass::Standard, 2_100, '2027-01-01'),
            $rate(new Territory('US', ['US-CA']), TaxClass::Standard, 725),
            $rate(new Territory('US', ['US-CA'], Postcodes::read('90001–90899')), TaxClass::Standard, 950),
            $rate(new Territory('US', ['US-CA'], Postcodes::read('90210')), TaxClass::Standard, 975),
            $rate(new Territory('US', ['US-OR', 'US-MT']), TaxClass::Standard, 0),
            $rate(new Territory('US'), TaxClass::Reduced, 100),
            $rate(new Territory('ES', [], Postcodes::read('35*, 38*')), TaxClass::Standard, 0),
        ]);
    }

    #[TestWith(['standard', 'IE', null, null, '2026-12-31', 2_300, 'the country’s own'])]
    #[TestWith(['standard', 'IE', null, null, '2027-01-01', 2_100, 'from its first day on'])]
    #[TestWith(['reduced', 'IE', null, null, '2026-12-31', 1_350])]
    #[TestWith(['reduced', 'IE', null, null, '2027-06-01', 900])]
    #[TestWith(['reduced', 'IE', null, null, '2019-12-31', 2_300, 'before any is said, the standard one'])]
    #[TestWith(['reduced', 'FR', null, null, '2026-12-01', 2_300, 'none is said there'])]
    #[TestWith(['zero', 'IE', null, null, '2026-12-01', 0])]
    #[TestWith(['exempt', 'US', 'US-CA', '90210', '2026-12-01', 0])]
    #[TestWith(['standard', 'US', 'US-CA', '95814', '2026-12-01', 725, 'the state'])]
    #[TestWith(['standard', 'US', 'US-CA', '90501', '2026-12-01', 950, 'a range in it'])]
    #[TestWith(['standard', 'US', 'US-CA', '90210', '2026-12-01', 975, 'one postcode of the range'])]
    #[TestWith(['standard', 'US', 'US-CA', null, '2026-12-01', 725, 'no postcode yet'])]
    #[TestWith(['standard', 'US', 'US-NV', '90210', '2026-12-01', 2_300, 'another state'])]
    #[TestWith(['standard', 'US', 'US-OR', '97201', '2026-12-01', 0, 'nought is a rate'])]
    #[TestWith(['reduced', 'US', 'US-CA', '90210', '2026-12-01', 100, 'a class said for the country goes before another'])]
    #[TestWith(['standard', 'ES', null, '35001', '2026-12-01', 0, 'islands that aren’t of the area'])]
    #[TestWith(['standard', 'ES', null, '28001', '2026-12-01', 2_300])]
    public function test_the_nearest_counts_and_of_as_near_ones_the_latest(
        string $class,
        string $country,
        ?string $part,
        ?string $postcode,
        string $day,
        int $bp,
        string $why = '',
    ): void {
        $rate = $this->table->rate(
            TaxClass::from($class),
            new Destination($country, $part, $postcode),
            new DateTimeImmutable($day),
            Rate::bp(2_300),
        );
        self::assertSame($bp * 100, $rate->millionths, $why);
    }

    #[TestWith(['IE', 'IE 1234567FA', 'IE1234567FA'])]
    #[TestWith(['IE', '1234567t', 'IE1234567T'])]
    #[TestWith(['DE', 'de-123.456.789', 'DE123456789'])]
    #[TestWith(['GR', '123456789', 'EL123456789'])]
    #[TestWith(['NL', 'NL123456789B01', 'NL123456789B01'])]
    #[TestWith(['GB', 'GB 980 7806 84', 'GB980780684'])]
    #[TestWith(['FR', 'FR XX 999999999', 'FRXX999999999'])]
    #[TestWith(['CH', 'CHE-123.456.789 MWST', 'CHE123456789MWST'])]
    #[TestWith(['DE', '12345678', null])]
    #[TestWith(['DE', 'FR123456789', null])]
    #[TestWith(['SE', '123456789002', null])]
    #[TestWith(['IE', '', null])]
    #[TestWith(['US', '12-3456789', null])]
    #[TestWith(['DE', "123456789\n", 'DE123456789'])]
    #[TestWith(['DE', '١٢٣٤٥٦٧٨٩', null])]
    public function test_a_businesss_number_has_its_countrys_form(string $country, string $typed, ?string $read): void
    {
        self::assertSame($read, TaxNumber::read($typed, $country));
        self::assertSame($country !== 'US', TaxNumber::isKnown($country));
    }
}
