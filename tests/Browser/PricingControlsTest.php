<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use Facebook\WebDriver\WebDriverSelect;
use WindowStall\Tests\Browser\Support\Page;
use WindowStall\Tests\Browser\Support\WorksPrices;

/**
 * Every control of recipes, markets, free delivery and listings' prices, worked by hand and found again after loading.
 */
final class PricingControlsTest extends BrowserTestCase
{
    use WorksPrices;

    public function test_every_word_and_figure_of_a_recipe_is_kept(): void
    {
        [$desk, $at] = $this->stallWithGoods();
        $desk->open($at.'/pricing/recipes')->see('whatever no recipe before it prices');
        $this->choose($desk, 'From', 'goods');
        $this->choose($desk, 'How', 'margin');
        $this->kept($desk, ['From' => 'goods', 'How' => 'margin', 'Factor' => '30']);
        $this->write($desk, 'Factor', '37.5');
        $this->choose($desk, 'Which way it is rounded', 'nearest');
        $this->write($desk, 'Ending', '0');
        $this->write($desk, 'Every', '0.50');
        $this->kept($desk, [
            'Factor' => '37.5',
            'Which way it is rounded' => 'nearest',
            'Ending' => '0.00',
            'Every' => '0.50',
        ]);
        $this->choose($desk, 'Floor', 'keep');
        $this->write($desk, 'Floor figure', '3.25');
        $this->choose($desk, 'Cap', 'at');
        $this->write($desk, 'Cap amount', '45');
        $this->kept($desk, ['Floor' => 'keep', 'Floor figure' => '3.25', 'Cap' => 'at', 'Cap amount' => '45.00']);
        $this->choose($desk, 'Cap', 'rrp');
        $this->choose($desk, 'Floor', 'none');
        $this->write($desk, 'Ending', '');
        $this->kept($desk, ['Floor' => 'none', 'Cap' => 'rrp', 'Ending' => '']);
        $this->choose($desk, 'How', 'add');
        $this->write($desk, 'Factor', 'much');
        $desk->see('“much”');
        $this->kept($desk, ['How' => 'add']);
        $desk->answered(fn () => $desk->press('in steps by cost'));
        $this->choose($desk, 'How, step 1', 'keep');
        $this->kept($desk, ['How, step 1' => 'keep', 'How, step 2' => 'add']);
        $desk->answered(fn () => $desk->press('Take step 2 out'));
        $this->kept($desk, ['How' => 'keep', 'Cap' => 'rrp']);
        foreach ($this->prices($desk->open($at.'/pricing')->see('Everything else')) as $price) {
            self::assertGreaterThan(0, $price);
        }
    }

    public function test_markets_and_free_delivery_are_set_where_they_stand(): void
    {
        [$desk, $at] = $this->stallWithGoods();
        $desk
            ->open($at.'/pricing/costs')
            ->see('Free delivery')
            ->see('Send free over');
        $desk->script(
            '[...document.querySelectorAll("[data-free] button")].find(b => b.innerText.startsWith("Send free '.
                'over")).click()',
        );
        $desk->until(fn (): bool => $this->value($desk, 'Free over') !== '', 'for the basket value');
        $over = $this->value($desk, 'Free over');
        $desk->open($at.'/pricing/costs')->see('Free delivery');
        self::assertSame($over, $this->value($desk, 'Free over'));
        $before = $this->prices($desk->open($at.'/pricing')->see('Everything else'));
        $desk
            ->open($at.'/pricing/costs')
            ->see('into the recipes’ prices')
            ->script(
                '[...document.querySelectorAll("[data-free] button")].find(b => '.
                    'b.innerText.startsWith("Build")).click()',
            );
        $desk->see('for delivery again');
        foreach ($this->prices($desk->open($at.'/pricing')->see('Everything else')) as $id => $price) {
            self::assertGreaterThan($before[$id], $price);
        }
    }

    public function test_variants_prices_go_together_and_a_variant_has_a_recipe_of_its_own(): void
    {
        [$desk, $at] = $this->stallWithGoods();
        $listing = $desk->driver->getCurrentURL();
        $each = $this->prices($desk->open($at.'/pricing')->see('Everything else'));
        self::assertGreaterThan(1, count(array_unique($each)), 'small and tall cost differently');
        $desk->open($listing)->see('Variants and prices');
        $this->choose($desk, 'How the variants’ prices go together', 'one');
        self::assertSame(
            [max([0, ...$each])],
            array_values(array_unique($this->prices($desk->open($at.'/pricing')->see('Price board')))),
        );
        $desk->open($listing)->see('Variants and prices');
        $this->choose($desk, 'How the variants’ prices go together', 'stepped');
        $this->choose($desk, 'Option the price steps by', 'Size');
        self::assertSame($each, $this->prices($desk->open($at.'/pricing')->see('Price board')));
        $desk->click('[data-look]')->see('Why it costs that')->press('give this variant its own');
        $desk->until(fn (): bool => $desk->has('[role="dialog"] input[aria-label="Factor"]'), 'for its own sentence');
        $this->say($desk, '[role="dialog"] input[aria-label="Factor"]', '7');
        $desk->see('its own recipe');
        $first = min([PHP_INT_MAX, ...array_keys($each)]);
        $desk->until(fn (): bool => ($this->prices($desk)[$first] ?? 0) > 2 * $each[$first], 'for seven times the cost');
        $desk->press('take the stall’s again');
        $desk->until(
            fn (): bool => ($this->prices($desk)[$first] ?? 0) === $each[$first],
            'for the stall’s price again',
        );
    }

    public function test_the_board_is_put_in_order_found_in_and_counted(): void
    {
        [$desk, $at] = $this->stallWithGoods();
        $desk->open($at.'/pricing')->see('Everything else');
        $all = count($this->prices($desk));
        $desk->see('all '.$all)->press('price');
        $desk->until(fn (): bool => str_contains($desk->driver->getCurrentURL(), 'sort=price'), 'for the order');
        $rising = fn (): array => array_values(
            array_map(
                intval(...),
                (array) $desk->script(
                    'return [...document.querySelectorAll("[data-variant] input[aria-label^=\'Price of\']")].map(i '.
                        '=> Math.round(parseFloat(i.value) * 100))',
                ),
            ),
        );
        $sorted = $rising();
        sort($sorted);
        $desk->until(fn (): bool => $rising() === $sorted, 'for rising prices');
        $desk->press('price');
        $desk->until(fn (): bool => $rising() === array_reverse($sorted), 'for falling prices');
        $desk->see('all '.$all)->see($all.' variants');
        $desk
            ->write('Find in the price board', 'no such thing'.Page::ENTER)
            ->see('Nothing of that kind')
            ->press('Look at all of them');
        $desk->until(fn (): bool => count($this->prices($desk)) === $all, 'for all of them');
        self::assertSame(8, $all, 'four colours in two sizes');
    }

    /** @return array{Page, string} a desk with a listing open, and the stall's address */
    private function stallWithGoods(): array
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $this->take($desk, 'twine tin dispenser', 'OD-1016');

        return [$desk, self::workshop('/at/'.$handle)];
    }

    private function choose(Page $desk, string $label, string $value): void
    {
        $desk->answered(
            fn () => (new WebDriverSelect($desk->css('select[aria-label="'.$label.'"]')))->selectByValue($value),
        );
    }

    private function write(Page $desk, string $label, string $value): void
    {
        $desk->answered(fn () => $this->say($desk, 'input[aria-label="'.$label.'"]', $value));
    }

    private function value(Page $desk, string $label): string
    {
        return (string) $desk->css('[aria-label="'.$label.'"]')->getAttribute('value');
    }

    /** @param  array<string, string>  $values  control → what it says after the page is loaded again */
    private function kept(Page $desk, array $values): void
    {
        $desk->driver->navigate()->refresh();
        $desk->see('whatever no recipe before it prices');
        self::assertSame(
            $values,
            array_combine(
                array_keys($values),
                array_map(fn (string $label): string => $this->value($desk, $label), array_keys($values)),
            ),
        );
    }
}
