<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Window;

use WindowStall\Core\Look\FaceCut;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Window\Pages\ShopAssets;

/** A brand's faces show on the first visit, and what stands there before them takes the same room. */
final class FacesTest extends AppTestCase
{
    public function test_every_face_is_swapped_in_for_one_of_the_machines_that_is_fitted_to_it(): void
    {
        $assets = new ShopAssets();
        foreach (FaceCut::all() as $key => $cut) {
            $css = $assets->fontFace($cut);
            self::assertStringContainsString('font-family:"'.$key.'";font-display:swap', $css);
            self::assertStringNotContainsString('undefined', $css);
            $families = explode(',', str_replace('"', '', $assets->families($cut)));
            self::assertSame($key, $families[0]);
            self::assertGreaterThan(1, count($families));
            foreach (array_slice($families, 1) as $family) {
                $measures = 'size-adjust:([\d.]+)%;ascent-override:[\d.]+%;descent-override:[\d.]+%;line-gap';
                self::assertSame(
                    is_array($cut->weight) ? 2 : 1,
                    preg_match_all('/"'.$family.'";font-weight:\d+;src:local\([^;]+;'.$measures.'/', $css, $found),
                    $key,
                );
                foreach ($found[1] as $adjusted) {
                    self::assertThat((float) $adjusted, self::logicalAnd(self::greaterThan(50), self::lessThan(170)));
                }
            }
        }
        // A heavier cut is wider, so what stands in for it is stretched further.
        self::assertGreaterThan(self::stretch('archivo-420'), self::stretch('archivo-800'));
    }

    private static function stretch(string $key): float
    {
        preg_match('/size-adjust:([\d.]+)/', (new ShopAssets())->fontFace(FaceCut::all()[$key]), $found);

        return (float) ($found[1] ?? 0);
    }
}
