<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use WindowStall\Core\Look\Colour;
use WindowStall\Core\Look\Mood;
use WindowStall\Core\Look\Tones;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Tests\Browser\Support\Page;

/**
 * The stylesheets write nothing on anything that core's tones don't promise to be read there: the pairs are taken from
 * the pages as they are shown, with every kind of section, in every build and every state.
 */
final class ShopTonesTest extends BrowserTestCase
{
    /** Seconds for the walk through all builds on one page. */
    private const LONGEST = 240;

    public function test_every_pair_of_tones_on_every_page_is_one_that_is_computed_to_be_read(): void
    {
        $desk = $this->desk();
        $desk->driver->manage()->timeouts()->setScriptTimeout(self::LONGEST);
        $handle = $this->newStall($desk);
        $this->take($desk, 'slate plant labels', 'OD-1017');
        $desk->write('Title', 'Slate labels')->key(Page::ENTER)->waitFor('h1', 'Slate labels');
        $this->readyAsItIs($desk);
        $desk->press('Put in the window')->see('It is in the window.');
        $builds = $this->builds($desk, $handle);
        self::assertCount(8, $builds);
        $this->picturesAreSentAsTheyAreDrawn($desk, $builds);

        $preview = $this->withEverySection($desk, $handle);
        $this->holds($desk->open($preview)->see('Slate labels'), $builds, 'a page of every section');
        $shop = rtrim(self::url($handle.'.shops.localhost'), '/');
        $this->holds($desk->open($shop.'/goods/slate-labels')->see('Put in basket'), $builds, 'a product page');
        $this->holds($desk->open($shop.'/goods?from=1')->see('Everything on the stall'), $builds, 'a list of goods');
        $desk->open($shop.'/goods/slate-labels')->press('Put in basket')->see('Go to checkout');
        $desk->open($shop.'/basket');
        $this->holds($desk, $builds, 'the basket');
        $this->holds($desk->open($shop.'/checkout')->see('Slate labels'), $builds, 'the checkout');
    }

    /** @return list<array{name: string, href: string, classes: string, url: string}> */
    private function builds(Page $desk, string $handle): array
    {
        $looks = $desk->driver->executeAsyncScript(
            'fetch(arguments[0], {headers: {Accept: "application/json"}}).then(r => r.json()).then(arguments[1])',
            [self::workshop('/at/'.$handle.'/window/looks')],
        );
        $builds = [];
        foreach ($looks['starters'] as $look) {
            $desk->open($look['url']);
            $builds[] = [
                'name' => $look['name'],
                'href' => $desk->script('return document.querySelector("link[data-build]").href'),
                'classes' => $desk->script('return document.body.className'),
                'url' => $look['url'],
            ];
        }

        return $builds;
    }

    /** @param  list<array{name: string, href: string, classes: string, url: string}>  $builds */
    private function picturesAreSentAsTheyAreDrawn(Page $desk, array $builds): void
    {
        $cdp = static fn (string $cmd, array $params) => $desk->driver->executeCustomCommand(
            '/session/:sessionId/goog/cdp/execute',
            'POST',
            ['cmd' => $cmd, 'params' => (object) $params],
        );
        // A larger one that is there already would be taken instead.
        $cdp('Network.enable', []);
        $cdp('Network.setCacheDisabled', ['cacheDisabled' => true]);
        $seen = 0;
        foreach ($builds as $build) {
            foreach ([390, 768, 1280, 1920] as $width) {
                $desk->wide($width)->open($build['url']);
                $desk->script('window.scrollTo(0, document.body.scrollHeight)');
                $desk->until(fn (): bool => $desk->script(
                    'return [...document.images].every((img) => img.complete)',
                ) === true, 'for the pictures');
                $pictures = (array) $desk->script((string) file_get_contents(__DIR__.'/Support/pictures.js'));
                $loaded = [];
                foreach ($pictures as $p) {
                    $where = sprintf('%s, %d wide, %s: %d drawn, %d sent', $build['name'], $width, $p['at'], $p['drawn'], $p['sent']);
                    // The browser takes one that it has for a picture drawn larger elsewhere on the page.
                    $again = isset($loaded[$p['src']]);
                    $loaded[$p['src']] = true;
                    self::assertTrue($again || $p['sent'] < 2 * $p['drawn'] || $p['sent'] === min(PictureSizes::WIDTHS), $where);
                    self::assertTrue($p['sent'] >= 0.8 * $p['drawn'] || $p['sent'] === max(PictureSizes::WIDTHS), $where);
                    $seen++;
                }
            }
        }
        self::assertGreaterThan(30, $seen);
        $cdp('Network.setCacheDisabled', ['cacheDisabled' => false]);
        $desk->wide(1280);
    }

    /** Lays every kind of section on the front page; the address of its preview. */
    private function withEverySection(Page $desk, string $handle): string
    {
        $desk->open(self::workshop('/at/'.$handle.'/window'))->see('Front page');
        $notes = count($desk->all('[data-note]'));
        for ($n = 0; $n < 20; $n++) {
            $desk->css('[data-lay]')->click();
            $desk->still();
            $offered = $desk->all('[role=menuitem]');
            if ($n >= count($offered)) {
                break;
            }
            $offered[$n]->click();
            $desk->until(fn (): bool => count($desk->all('[data-note]')) > $notes + $n, 'for its note');
        }
        self::assertGreaterThan(8, $n);
        $desk->until(fn (): bool => $desk->has('[data-galley][data-saving="false"]'), 'for all of it to be saved');

        return (string) $desk->css('iframe')->getAttribute('src');
    }

    /** @param  list<array{name: string, href: string, classes: string, url: string}>  $builds */
    private function holds(Page $page, array $builds, string $where): void
    {
        $names = array_keys(Tones::from(Colour::hex('#2c5a43'), Mood::Paper)->toArray());
        $known = [];
        foreach (Tones::PAIRS as [$one, $other, $least]) {
            if ($least === Tones::TEXT) {
                // Contrast is the same both ways.
                array_push($known, $one.' on '.$other, $other.' on '.$one);
            }
        }
        $found = $page->driver->executeAsyncScript(
            (string) file_get_contents(__DIR__.'/Support/tones.js'),
            [$names, $builds],
        );
        self::assertSame('', $found['error'] ?? '', $where);
        self::assertSame([], $found['odd'], $where);
        self::assertSame([], array_diff_key($found['pairs'], array_flip($known)), $where);
        self::assertGreaterThan(5, count($found['pairs']), $where);
    }
}
