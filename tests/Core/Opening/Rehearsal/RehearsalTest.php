<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Opening\Rehearsal;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Delivery\Address\AddressField;
use WindowStall\Core\Delivery\Address\AddressForm;
use WindowStall\Core\Delivery\Postcode;
use WindowStall\Core\Opening\Rehearsal\Cast;
use WindowStall\Core\Opening\Rehearsal\MadeUpPerson;
use WindowStall\Core\Opening\Rehearsal\Roll;
use WindowStall\Core\Opening\Rehearsal\RolledShopper;
use WindowStall\Core\Opening\Rehearsal\RolledStep;
use WindowStall\Core\Opening\Rehearsal\Slip;
use WindowStall\Core\Opening\Rehearsal\StepKind;
use WindowStall\Core\Opening\Rehearsal\StepOutcome;
use WindowStall\Core\Payment\PayMethod;

/** Who goes through a shop in a rehearsal, what they type, and what broke since the one before. */
final class RehearsalTest extends TestCase
{
    public function test_each_market_and_each_way_of_paying_has_somebody_and_nobody_goes_twice(): void
    {
        $all = [PayMethod::Card, PayMethod::Transfer, PayMethod::Later];
        $cast = static fn (array $offered): array => array_map(
            static fn (RolledShopper $one): string => $one->country.' '.$one->method?->value,
            Cast::of($offered),
        );
        self::assertSame(['GB card'], $cast(['GB' => [PayMethod::Card]]));
        self::assertSame(['GB card', 'IE transfer', 'NL later'], $cast(['GB' => $all, 'IE' => $all, 'NL' => $all]));
        self::assertSame(['GB card', 'IE card', 'GB transfer', 'GB later'], $cast(['GB' => $all, 'IE' => [PayMethod::Card]]));
        self::assertSame(['GB card', 'IE '], $cast(['GB' => [PayMethod::Card], 'IE' => []]), 'nothing to pay by is found out there');
        for ($seed = 1; $seed <= 200; $seed++) {
            mt_srand($seed);
            $offered = [];
            foreach (array_slice(['GB', 'IE', 'NL', 'DE', 'FR'], 0, mt_rand(1, 5)) as $country) {
                $offered[$country] = array_values(array_filter($all, static fn (): bool => mt_rand(0, 1) === 1));
            }
            $made = Cast::of($offered);
            self::assertEquals(
                array_keys($offered),
                array_values(array_unique(array_map(static fn (RolledShopper $one): string => $one->country, $made))),
            );
            foreach ($made as $one) {
                self::assertTrue($one->method === null ? ($offered[$one->country] ?? []) === [] : in_array($one->method, $offered[$one->country] ?? [], true));
            }
            $paid = array_filter(array_map(static fn (RolledShopper $one): ?PayMethod => $one->method, $made));
            self::assertEqualsCanonicalizing(
                array_unique(array_merge(...array_values($offered)), SORT_REGULAR),
                array_unique($paid, SORT_REGULAR),
            );
        }
    }

    public function test_a_word_is_typed_with_a_slip(): void
    {
        self::assertSame(['trowl', 'gardn', 'twine', 'pot', ''], array_map(Slip::of(...), ['trowel', 'garden', 'twine', 'pot', '']));
        self::assertSame('gießkanne', Slip::telling('Gießkanne 3 l aus Zink'));
        self::assertSame('', Slip::telling('A 3 cm'));
    }

    public function test_everybody_made_up_can_be_written_to_where_they_live(): void
    {
        foreach (['AT', 'AU', 'BE', 'CA', 'CH', 'CZ', 'DE', 'DK', 'ES', 'FI', 'FR', 'GB', 'IE', 'IT', 'JP', 'LU', 'NL', 'NO', 'NZ', 'PL',
            'PT', 'SE', 'US'] as $country) {
            $typed = MadeUpPerson::in($country)->typed ?? [];
            $form = AddressForm::of($country);
            self::assertSame($typed['postcode'], Postcode::read($typed['postcode'], $country), $country);
            if ($form->asks(AddressField::Part)) {
                self::assertArrayHasKey($typed['part'], $form->partNames, $country);
            }
        }
        self::assertSame('US-DE', MadeUpPerson::in('US')?->typed['part']);
        self::assertNull(MadeUpPerson::in('AQ'));
    }

    public function test_what_went_well_before_and_does_not_now_broke_since(): void
    {
        $gb = self::gone('GB', PayMethod::Card, StepKind::Home, StepKind::Address);
        $ie = self::gone('IE', PayMethod::Transfer, StepKind::Home, StepKind::Address);
        $stuck = self::gone('IE', PayMethod::Transfer, StepKind::Home)
            ->with(new RolledStep(StepKind::Address, 900, StepOutcome::Broken, 'No way there.'));
        self::assertSame([], (new Roll([$gb, $ie]))->brokeSince(new Roll([$gb, $ie])));
        self::assertSame([$stuck], (new Roll([$gb, $stuck]))->brokeSince(new Roll([$gb, $ie])));
        self::assertSame([], (new Roll([$gb, $stuck]))->brokeSince(new Roll([$gb, $stuck])), 'it was broken before');
        self::assertSame([], (new Roll([$stuck]))->brokeSince(new Roll([$gb])), 'nobody had been there');
        self::assertSame([$stuck], (new Roll([$gb, $stuck]))->stuck());
        self::assertEquals(new Roll([$gb, $stuck]), Roll::from((new Roll([$gb, $stuck]))->toArray()));
    }

    private static function gone(string $country, PayMethod $method, StepKind ...$kinds): RolledShopper
    {
        return new RolledShopper($country, $method, array_map(
            static fn (StepKind $kind): RolledStep => new RolledStep($kind, 400, StepOutcome::Fine, $kind->value),
            array_values($kinds),
        ));
    }
}
