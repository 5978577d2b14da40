<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use WindowStall\Tests\Browser\Support\Page;

/** One look, four sections, a phone beside them; what is published is what shoppers get. */
final class DressTheWindowTest extends BrowserTestCase
{
    public function test_a_seller_dresses_publishes_and_goes_back(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk, 'Quillet', connect: false);
        $shop = self::url($handle.'.shops.localhost');
        $desk->press('Window')->see('The front page')->readsForEveryone('Window, the look');

        $desk->click('[role="radio"][aria-checked="false"]');
        $desk->see('Changed since the last publishing');
        $desk->write('As a code', '#7a2b4a');
        $desk->click('[data-section="hero"] > button:last-child')->write('Words', 'Beans before roses')->readsForEveryone('Window, a section');
        $desk->press('Add a section')->press('Notice strip')->write('Words', 'Closed on Mondays');
        $desk->until(fn (): bool => ! str_contains($desk->text(), 'Saving…'), 'for the saving');
        $desk->until(fn (): bool => str_contains((string) $desk->css('iframe')->getAttribute('src'), '/preview/home/'), 'for the preview');

        $desk->seeInPhone('Beans before roses');
        $phone = $this->phone();
        $phone->open($shop)->dontSee('Beans before roses');

        // The new strip was added above the foot; Alt with the arrow moves it up.
        $desk->click('[data-section="notice"]:nth-last-child(2) > button:last-child');
        $desk->css('[data-section="notice"]:nth-last-child(2) > button:last-child')->sendKeys(Page::ALT_UP);
        $desk->until(fn (): bool => $desk->has('[data-section="notice"]:nth-last-child(3)'), 'for the strip to move');
        $desk->until(fn (): bool => ! str_contains($desk->text(), 'Saving…'), 'for the saving');
        $desk->press('Publish')->see('As shoppers see it');
        $phone->open($shop)->see('Beans before roses')->see('Closed on Mondays')->readsForEveryone('the shop in another look');
        self::assertStringContainsString('--fill:#7a2b4a', (string) $phone->driver->getPageSource());

        $desk->click('[data-section="hero"] > button:last-child')->write('Words', 'A slip of the pen')->see('Changed since the last publishing');
        $desk->until(fn (): bool => ! str_contains($desk->text(), 'Saving…'), 'for the saving');
        $desk->press('Go back')->see('As shoppers see it')->see('Beans before roses')->dontSee('A slip of the pen');
    }
}
