<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Words;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Words\Junk;
use WindowStall\Core\Words\JunkKind;

final class JunkTest extends TestCase
{
    #[TestWith(['Dear friend welcome our store!!', JunkKind::Boilerplate])]
    #[
        TestWith([
            'Because of light and monitor the color may be little different, please understand.',
            JunkKind::Boilerplate,
        ]),
    ]
    #[TestWith(['100% brand new and high quality', JunkKind::Boilerplate])]
    #[TestWith(['Exclusive at Green Thumb Bazaar, your number one shop!', JunkKind::OtherShop])]
    #[TestWith(['See www.bazaar.example for more.', JunkKind::OtherShop])]
    #[TestWith(['Write to sales@bazaar.example.', JunkKind::Contact])]
    #[TestWith(['WhatsApp +86 138 0013 8000', JunkKind::Contact])]
    #[TestWith(['A forged blade, a brass collar and an oiled ash handle.', null])]
    #[TestWith(['22 cm across, 30 cm high, 1650 g.', null])]
    #[TestWith(['It comes from Quillet Market.', null], 'one’s own name is no junk')]
    #[TestWith(['Barcode 2000000000015 and 12 more.', null])]
    public function test_what_isnt_about_the_goods_is_found_and_named(string $sentence, ?JunkKind $kind): void
    {
        $found = Junk::in($sentence, ['Quillet', 'quillet.example']);
        self::assertSame($kind, $found === [] ? null : $found[0]->kind);
    }

    public function test_only_the_sentences_that_are_junk_are_named(): void
    {
        $found = Junk::in(
            "Thrown at the wheel. Any question contact us, we reply in 24 hours.\nFrost-proof to −15 °C.",
        );
        self::assertSame(
            ['Any question contact us, we reply in 24 hours.'],
            array_map(static fn (Junk $j): string => $j->sentence, $found),
        );
    }
}
