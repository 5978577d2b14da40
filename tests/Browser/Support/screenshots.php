<?php

declare(strict_types=1);

use WindowStall\Tests\Browser\Support\Chrome;
use WindowStall\Tests\Browser\Support\Page;

/* One picture of each main view, from the demo; run by bin/screenshots. */

require __DIR__.'/../../../vendor/autoload.php';

/** @var array{workshop: string, shop: string, standins: string, email: string, password: string} $at */
$at = json_decode(
    (string) file_get_contents(__DIR__.'/../../../var/addresses.json'),
    true,
    flags: JSON_THROW_ON_ERROR,
);
$folder = __DIR__.'/../../../docs/screenshots/';
is_dir($folder) || mkdir($folder, 0777, true);
$keep = static function (Page $page, string $name) use ($folder): void {
    usleep(1_300_000);
    $page->driver->takeScreenshot($folder.$name.'.png');
    echo $name.".png\n";
};

$shown = static function (Page $page): GdImage {
    usleep(1_300_000);

    return imagecreatefromstring($page->driver->takeScreenshot()) ?: exit('No picture.');
};
/** @param  list<GdImage>  $shots */
$together = static function (array $shots, string $name) use ($folder): void {
    $gap = 24;
    $sheet = imagecreatetruecolor(
        max(1, (int) array_sum(array_map(imagesx(...), $shots)) + (count($shots) - 1) * $gap),
        max(1, ...array_map(imagesy(...), $shots)),
    ) ?: exit('No sheet.');
    imagefill($sheet, 0, 0, 0xD9D2C4);
    $left = 0;
    foreach ($shots as $shot) {
        imagecopy($sheet, $shot, $left, 0, 0, 0, imagesx($shot), imagesy($shot));
        $left += imagesx($shot) + $gap;
    }
    imagepng($sheet, $folder.$name.'.png');
    echo $name.".png\n";
};

$desk = new Page(Chrome::desk());
$desk
    ->open($at['workshop'].'/sign-in')
    ->write('E-mail', $at['email'])
    ->write('Password', $at['password'])
    ->click('button[type="submit"]')
    ->see('Bench');
$keep($desk->open($at['workshop'].'/at/quillet/source'), 'source');
$keep($desk->open($at['workshop'].'/at/quillet/bench'), 'bench');
$desk
    ->press('Gardener Tool Bundle Multi Style Choose Trowel Gloves Twine BEST SELLER 2026')
    ->see('5 different products')
    ->press('Split it');
$desk->see('Split into 5 listings');
$desk->open($at['workshop'].'/at/quillet/bench');
$desk->click('tbody a[href*="/bench/"]')->see('You say');
$desk->open($at['workshop'].'/at/quillet/bench?state=in_window');
$desk->press('Cut-flower snips');
$keep($desk->see('You say'), 'listing');
$prices = [
    $shown($desk->open($at['workshop'].'/at/quillet/pricing?sort=floor')->see('priced by')),
    $shown($desk->open($at['workshop'].'/at/quillet/pricing/recipes')->see('costing up to 3.50')),
];
$desk->open($at['workshop'].'/at/quillet/pricing/trial')->see('Nothing tried yet');
$dearer = $desk->css('[aria-label="Oakum Depot dearer by"]');
$dearer->click();
$dearer->sendKeys('25'.Page::ENTER);
$together([...$prices, $shown($desk->see('The biggest moves'))], 'prices');
$desk->press('Throw it away');
$desk->open($at['workshop'].'/at/quillet/shelves')->press('Presents')->see('stand on it');
$keep($desk->click('[data-clause="price"]')->see('It looks at'), 'shelf');
$together([
    $shown($desk->open($at['workshop'].'/at/quillet/codes')->see('BEANS10')),
    $shown($desk->open($at['workshop'].'/at/quillet/pricing/taxes')->see('What each country takes')),
    $shown($desk->open($at['workshop'].'/at/quillet/counter/payment')->see('By bank transfer')),
], 'till');
$desk->open($at['workshop'].'/at/quillet/delivery')->see('You keep')->write('Postcode', 'PH33 6TQ');
$keep($desk->see('lies in PH17–50')->see('The shopper pays £5.95'), 'where');
$desk
    ->open($at['workshop'].'/at/quillet/window')
    ->see('all in the first screen')
    ->still()
    ->click('[data-note="hero"] button');
$keep($desk->see('says'), 'window');
$desk->click('[data-part="look"]')->see('Pressed flower');
/** @var list<string> $looks */
$looks = $desk->script('return [...document.querySelectorAll("[aria-label=Looks] iframe")].map((frame) => frame.src)');

// What needs the keeper in the morning, and an order of which something is sent back.
$keep($desk->open($at['workshop'].'/at/quillet/counter')->see('From Kilnfold instead'), 'counter');
$desk->press('Ines Fennimore sends 1 of 2 Goatskin gloves, Tan · XS back: too small.');
$keep($desk->see('They pinch at the thumb'), 'order');
$own = (string) $desk->css('a[href*="/orders/"]')->getAttribute('href');
$invoice = (string) $desk->css('a[href*="/papers/"]')->getAttribute('href');
$drift = $shown($desk->open($at['workshop'].'/at/quillet/drift')->see('ask you')->see('goods are missing'));
$desk
    ->open($at['workshop'].'/at/quillet/drift')
    ->press('Your rules')
    ->press('Try them on the last 30 days')
    ->see('nothing counts yet');
$band = $desk->css('input[aria-label="Oakum Depot, how far a cost may move"]');
$band->clear();
$band->sendKeys('30'.Page::ENTER);
$together([$drift, $shown($desk->see('You would have been asked'))], 'drift');
// Shoppers made up for it go through the shop and back.
$desk->open($at['workshop'].'/at/quillet/opening')->see('Stands:')->click('[aria-label="Rehearsal"] button');
$desk->untilIn(120, static fn (): bool => str_contains($desk->text(), '3 shoppers, '), 'for the rehearsal');
$keep($desk->still(), 'opening');
// Artwork laid on a tee, and the pictures that are made of it.
$desk->open($at['workshop'].'/at/quillet/print')->press('Leek, scanned, heavy cotton tee');
$laid = $shown($desk->see('It comes in'));
$desk->click('[data-make]')->see('You say');
$listing = $desk->driver->getCurrentURL();
$desk->untilIn(400, static fn (): bool => ! $desk->has('[data-lack]'), 'for the pictures');
$desk->open($listing)->see('You say')->press('Put in the window')->see('It is in the window.');
$drawn = "return document.querySelectorAll('[aria-label=\"The supplier’s word\"] img').length";
$desk->untilIn(400, static fn (): bool => $desk->script($drawn) === 18, 'for all pictures');
$made = $shown($desk->open($listing)->see('You say'));
$printed = (string) $desk->css('a[href*="/goods/"]')->getAttribute('href');
$desk->driver->quit();

$phone = new Page(Chrome::phone());
$together([$laid, $made, $shown($phone->open($printed))], 'print');
$phones = [
    $shown($phone->open($at['shop'])),
    $shown($phone->open($at['shop'].'/goods/long-reach-watering-can')),
];
$phone->open($at['shop'].'/goods/long-reach-watering-can')->press('Put in basket');
$phone->see('Go to checkout');
$phones[] = $shown($phone->press('Go to checkout')->see('Postcode'));
$phone->open($at['shop'].'/ie/goods/brass-mister')->press('Put in basket')->see('Delivery to Ireland');
$together([...$phones, $shown($phone)], 'shop-phone');
// One of the goods: what it is, its ladder, what buyers say, and all of that with what is hidden.
$twine = $phone->open($at['shop'].'/goods/jute-garden-twine')->see('With you in');
$said = [$shown($twine)];
foreach (['.ladder', '.reviews'] as $part) {
    $twine->script('document.querySelector("'.$part.'").scrollIntoView({block: "start", behavior: "instant"})');
    $said[] = $shown($twine->still());
}
$together([...$said, $shown($phone->open($at['shop'].'/goods/seed-tin-with-month-dividers/said'))], 'goods-page');
$mine = $shown($phone->open($own)->see('Send something back'));
$phone->driver->quit();

// The eight looks with the demo's goods, on one sheet.
$each = new Page(Chrome::phone());
$sheet = imagecreatetruecolor(4 * 300 + 5 * 16, 2 * 650 + 3 * 16) ?: exit('No sheet.');
imagefill($sheet, 0, 0, 0xD9D2C4);
foreach ($looks as $n => $look) {
    $each->open($look);
    usleep(700_000);
    $shot = imagecreatefromstring($each->driver->takeScreenshot()) ?: exit('No picture.');
    $height = intdiv(imagesy($shot) * 300, imagesx($shot));
    imagecopyresampled(
        $sheet,
        $shot,
        16 + ($n % 4) * 316,
        16 + intdiv($n, 4) * 666,
        0,
        0,
        300,
        $height,
        imagesx($shot),
        imagesy($shot),
    );
}
imagepng($sheet, $folder.'looks.png');
echo "looks.png\n";
$each->driver->quit();

$wide = new Page(Chrome::desk());
$keep($wide->open($at['shop']), 'shop-home-wide');
$together([$mine, $shown($wide->open($invoice))], 'own-order');
$wide->driver->quit();

// Last: goods are taken to the bench for it.
$niche = new Page(Chrome::desk());
$niche
    ->open($at['workshop'].'/sign-in')
    ->write('E-mail', $at['email'])
    ->write('Password', $at['password'])
    ->click('button[type="submit"]')
    ->see('Bench');
$niche->open($at['workshop'].'/at/quillet/opening/first')->see('A first shop');
$niche->write('What it sells', 'hand tools and twine for small plots')->press('Lay out a first shop');
$niche->untilIn(120, static fn (): bool => $niche->has('[aria-label="Three ways to lay it out"]'), 'for three ways');
$keep($niche->seeInPhone('Hand tools and twine'), 'first-shop');
$niche->driver->quit();
