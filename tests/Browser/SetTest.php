<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use WindowStall\Tests\Browser\Support\Page;
use WindowStall\Tests\Browser\Support\SharesOut;

/** Two goods sold together for less: composed by what the set keeps, bought at once on a phone, and half of it given back. */
final class SetTest extends BrowserTestCase
{
    use SharesOut;

    public function test_a_set_is_composed_bought_and_half_of_it_given_back(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        foreach (['OD-1027' => 'Bell cloche', 'OD-1014' => 'Plant tags'] as $code => $title) {
            $desk->open(self::workshop('/at/'.$handle.'/source'));
            $this->take($desk, $code, $code);
            $desk->write('Title', $title)->key(Page::ENTER)->waitFor('h1', $title);
            $this->readyAsItIs($desk);
            $desk->press('Put in the window')->see('It is in the window.');
        }
        $desk->open(self::workshop('/at/'.$handle.'/codes'))->press('Make a code')->press('a set');
        $desk->waitFor('[data-set-offer]', 'Apart they come to');
        $apart = self::pounds($desk->css('[data-set-offer]')->getText());
        $price = $apart - 150;
        $desk->write('Together for', number_format($price / 100, 2, '.', ''))->see('The set keeps');
        $desk->readsForEveryone('composing a set')->press('Make it');
        $desk->see('Bell cloche and Plant tags together for '.self::said($price))->readsForEveryone('a set among codes');

        $phone = $this->phone();
        $phone->open(self::url($handle.'.shops.localhost', '/goods/plant-tags'))->see('Together for less')->see('saves £1.50');
        $phone->readsForEveryone('a set beside its goods')->press('Put all in the basket')->see('−£1.50')->see('Bell cloche');
        $this->pay($phone);

        $desk->open(self::workshop('/at/'.$handle.'/counter'))->press('1001')->see('Plant tags')->press('Give money back');
        $desk->write('Pieces of Plant tags to give back for', '1')->see('the order keeps');
        $gives = (string) $desk->script(<<<'JS'
            return [...document.querySelectorAll('section[aria-label="Give money back"] button')]
                .map((button) => button.textContent).find((words) => words.startsWith('Give £'));
            JS);
        $back = self::pounds($gives);
        $desk->press($gives)->see(self::said($back).' is on its way back.');
        $phone->driver->navigate()->refresh();
        $phone->see('of this order went back the way it came.');
        $tags = self::pounds($desk->open(self::url($handle.'.shops.localhost', '/goods/plant-tags'))->css('[data-price]')->getText());
        self::assertLessThan($tags, $back, 'its share of what the set saved stays saved');
        self::assertGreaterThan($tags - 150, $back, 'and no more than that share');
    }

    /** The first amount in a text, in pence. */
    private static function pounds(string $text): int
    {
        return preg_match('/£(\d+)\.(\d\d)/', $text, $m) === 1 ? (int) ($m[1].$m[2]) : self::fail('No amount in '.$text);
    }

    private static function said(int $pence): string
    {
        return sprintf('£%d.%02d', intdiv($pence, 100), $pence % 100);
    }
}
