<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use WindowStall\Tests\Browser\Support\Page;
use WindowStall\Tests\Browser\Support\SharesOut;

/**
 * From a drawing to a printed tee: laid, mended, priced, sold along with goods of two other suppliers, refused by the print house and
 * sent again; then each of the three posts its part.
 */
final class PrintTest extends BrowserTestCase
{
    use SharesOut;

    public function test_a_drawing_is_laid_on_a_tee_sold_refused_once_and_printed_beside_two_other_suppliers(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $at = fn (string $path): string => self::workshop('/at/'.$handle.$path);
        $this->otherGoods($desk, $handle);
        $desk->open($at('/source'))->click('[data-suppliers]')->press('Connect another supplier')->click('a[href*="kind=tannet"]');
        $desk->write('Your key', 'tannet-second-key')->press('Connect and pull the catalogue')->see('3 suppliers');
        $desk->press('Print')->see('Your artwork')->readsForEveryone('Print');
        $desk->css('[data-artworks] input[type=file]')->sendKeys(self::leaf());
        $desk->press('Write words')->write('The words', 'Dug up')->readsForEveryone('writing words')->press('Make it an artwork');
        foreach (['Leaf', 'Dug up'] as $artwork) {
            $desk->until(static fn (): bool => $desk->has('[data-artwork="'.$artwork.'"] img'), 'for '.$artwork.' to be read');
        }
        $desk->click('[data-artwork="Leaf"] button')->see('Lay “Leaf” on')->click('[data-blanks] li:first-child button');

        $this->lay($desk);
        $desk->press('Make its pictures and listing')->see('You say');
        $this->readyAsItIs($desk);
        $desk->see('Tannet Print Works')->press('Put in the window')->see('It is in the window.');
        $this->layTheSameOnATote($desk, $at('/print'));
        $this->buy($handle);

        $desk->open($at('/counter'))->press('1001')->see('Ines Fennimore');
        foreach (['Tannet Print Works', 'Oakum Depot'] as $supplier) {
            $sent = '[data-supplier="'.$supplier.'"][data-state="sent"]';
            $desk->until(static fn (): bool => $desk->has($sent), 'for the order to reach '.$supplier);
        }
        $desk->see('Kilnfold')->readsForEveryone('an order over three suppliers');
        $number = (string) $desk->script('return document.querySelector("[data-supplier=\'Oakum Depot\']").innerText.match(/their number (\d+)/)[1]');
        $house = self::url('tannet.standins.localhost');
        $desk->open($house)->waitFor('#orders', 'front by direct, 300 × 400 mm at 300')->readsForEveryone('the print house');
        $desk->click('#orders [value="refuse"]')->waitFor('#orders', 'refused');

        $desk->open($at('/counter'))->see('Tannet Print Works can’t send')->see('The artwork shows marks along its edge.');
        $desk->press('Send it again')->see('It is being sent.');
        $desk->until(static function () use ($desk, $house): bool {
            $desk->open($house);

            return $desk->has('#orders [value="print"]');
        }, 'for it to be ordered once more');
        self::assertCount(2, $desk->all('#orders tbody tr'));
        $desk->click('#orders [value="post"]')->waitFor('#orders', 'posted');
        $desk->open(self::url('oakum.standins.localhost'))->click('form[action$="/play/orders/'.$number.'"] [value="post"]')
            ->see('Order '.$number.' is posted.');
        $this->postedByKilnfold($desk, $handle, 'KF-POT');
        $desk->until(static function () use ($desk, $at): bool {
            $desk->open($at('/counter'))->press('1001')->see('Ines Fennimore');

            return count($desk->all('[data-tracking]')) === 3;
        }, 'for all three parcels');
        $desk->open($at('/print'))->click('[data-placings] a')->see('The print house refused it: The artwork shows marks');
    }

    /** One of Oakum’s goods and one of Kilnfold’s, in the window. */
    private function otherGoods(Page $desk, string $handle): void
    {
        foreach (['glass bell cloche' => ['OD-1027', 'Bell cloche'], 'flower pots' => ['KF-POT', 'Flower pots']] as $words => [$code, $title]) {
            $this->take($desk, $words, $code);
            $desk->write('Title', $title)->key(Page::ENTER)->waitFor('h1', $title);
            $this->readyAsItIs($desk);
            $desk->press('Put in the window')->see('It is in the window.');
            if ($code === 'OD-1027') {
                $this->kilnfoldByMail($desk, $handle);
                $desk->open(self::workshop('/at/'.$handle.'/source'));
            }
        }
    }

    private function lay(Page $desk): void
    {
        $desk->see('Too coarse: 101 dots to the inch.')->readsForEveryone('laying artwork');
        $desk->press('Make it 101.6 mm wide')->waitFor('[data-found]', 'A little soft');
        $desk->answered(static fn () => $desk->css('[data-piece]')->sendKeys(WebDriverKeys::ARROW_RIGHT));
        $desk->waitFor('[data-sentence]', 'right of the middle')->press('To the middle')->waitFor('[data-sentence]', 'in the middle');
        // One cloth, one scene: what the others look like is a test of its own.
        foreach (['White', 'Ink', 'Moss', 'Clay', 'Bottle', 'Soil', 'Butter', 'Slate'] as $cloth) {
            $desk->click('[data-cloth="'.$cloth.'"] input');
        }
        $desk->waitFor('[data-saved]', '1 of 9 colours');
        foreach (['hanging', 'place'] as $scene) {
            $desk->answered(static fn () => $desk->click('[data-scene="'.$scene.'"] input'));
        }
        $desk->write('Kept as', 'Chest')->key(Page::TAB)->see('Kept as “Chest”');
    }

    private function layTheSameOnATote(Page $desk, string $print): void
    {
        $desk->open($print)->see('Lay many at once');
        foreach (['Leaf', 'Canvas tote'] as $label) {
            $desk->script(sprintf(
                'return [...document.querySelectorAll("[data-many] label")].find((l) => l.textContent.trim() === "%s").click()',
                $label,
            ));
        }
        $desk->press('Make 1 listing')->waitFor('[data-made]', '1 of 1 lie on the bench now.');
    }

    private function buy(string $handle): void
    {
        $phone = $this->phone();
        $phone->open(self::url($handle.'.shops.localhost', '/goods'))->click('.good a[href*="tee"]')->see('printed when ordered');
        $phone->readsForEveryone('a printed good')->press('Put in basket')->see('Go to checkout');
        foreach (['bell-cloche', 'flower-pots'] as $slug) {
            $phone->open(self::url($handle.'.shops.localhost', '/goods/'.$slug))->click('[data-buy]')->see('Go to checkout');
        }
        $this->pay($phone);
    }

    private static function leaf(): string
    {
        $file = sys_get_temp_dir().'/leaf.png';
        $picture = imagecreatetruecolor(600, 900) ?: self::fail();
        imagesavealpha($picture, true);
        imagefill($picture, 0, 0, 127 << 24);
        imagefilledellipse($picture, 300, 450, 480, 800, 0x2E6B46);
        imagepng($picture, $file);

        return $file;
    }
}
