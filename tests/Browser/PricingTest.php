<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use WindowStall\Tests\Browser\Support\Page;
use WindowStall\Tests\Browser\Support\WorksPrices;

/** Prices from recipe to board to trial and back, and one dragged along its curve. */
final class PricingTest extends BrowserTestCase
{
    use WorksPrices;

    public function test_a_recipe_reaches_the_board_a_trial_is_applied_and_taken_back(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $this->take($desk, 'twine tin dispenser', 'OD-1016');
        $desk
            ->open(self::workshop('/at/'.$handle.'/pricing'))
            ->see('Price board')
            ->see('Everything else')
            ->readsForEveryone('the price board');
        $before = $this->prices($desk);
        self::assertNotSame([], $before);

        $desk
            ->open(self::workshop('/at/'.$handle.'/pricing/recipes'))
            ->see('whatever no recipe before it prices')
            ->readsForEveryone('the recipes');
        $this->say($desk, '[data-recipe-sentence] input[aria-label="Factor"]', '3');
        $desk->see('“Everything else” changed.');
        $desk->click('[data-prices]')->see('only “Everything else”');
        $raised = $this->prices($desk);
        foreach ($raised as $id => $price) {
            self::assertGreaterThan($before[$id], $price, 'three times is more than 2.4 times');
        }

        $desk->open(self::workshop('/at/'.$handle.'/pricing/trial'))->see('Nothing tried yet');
        $this->say($desk, '[data-trial-recipe] input[aria-label="Factor"]', '2');
        $desk
            ->see('prices would move')
            ->see('The biggest moves')
            ->see('changed in this trial')
            ->readsForEveryone('a trial');
        $desk->press('Apply it to everything')->see('Trial applied');
        $applied = $this->prices($desk->open(self::workshop('/at/'.$handle.'/pricing'))->see('Everything else'));
        foreach ($applied as $id => $price) {
            self::assertLessThan($raised[$id], $price);
        }
        $desk
            ->open(self::workshop('/at/'.$handle.'/pricing/trial'))
            ->see('Done lately')
            ->press('take it back')
            ->see('Taken back.');
        self::assertSame(
            $raised,
            $this->prices($desk->open(self::workshop('/at/'.$handle.'/pricing'))->see('Everything else')),
        );
    }

    public function test_a_price_is_dragged_along_its_curve_and_many_are_set_at_once(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $this->take($desk, 'twine tin dispenser', 'OD-1016');
        $desk->open(self::workshop('/at/'.$handle.'/pricing'))->see('Everything else');
        $first = min([PHP_INT_MAX, ...array_keys($this->prices($desk))]);
        $desk->click('[data-look]')->see('Where the money goes')->see('Why it costs that');
        $desk->until(fn (): bool => $desk->has('[data-curve] circle'), 'for the curve');
        $desk->readsForEveryone('a variant’s price')->still();
        $before = $this->prices($desk)[$first];
        $desk->driver
            ->action()
            ->clickAndHold($desk->css('[data-curve] circle'))
            ->moveByOffset(60, 0)
            ->moveByOffset(30, 0)
            ->release()
            ->perform();
        $desk->see('Ask £')->click('[role="dialog"] button.bg-till');
        $desk->until(fn (): bool => ($this->prices($desk)[$first] ?? 0) > $before, 'for the dragged price to be asked');
        $desk->css('[data-curve] circle')->sendKeys(WebDriverKeys::ARROW_LEFT);
        $desk->see('Ask £')->key("\u{E00C}");

        $desk->until(fn (): bool => ! $desk->has('[role="dialog"]'), 'for the sheet to close');
        $desk->click('thead input[type="checkbox"]')->press('Change prices…')->see('priced by hand from then on');
        $desk->write('By how much', '1.5');
        $desk->css('[aria-label="Ending"]')->sendKeys('0.95');
        $dragged = $this->prices($desk);
        $desk->press('Change them')->see('changed by hand');
        $desk->until(fn (): bool => ($this->prices($desk)[$first] ?? 0) > $dragged[$first], 'for the prices to change');
        foreach ($this->prices($desk) as $price) {
            self::assertSame(95, $price % 100);
        }
        $desk->still()->press('Take it back')->see('Taken back.');
        $desk->until(fn (): bool => $this->prices($desk) === $dragged, 'for the prices before');
    }

    public function test_recipes_are_dragged_into_their_precedence_and_stepped_by_cost(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $this->take($desk, 'twine tin dispenser', 'OD-1016');
        $board = fn (): array => $this->prices(
            $desk->open(self::workshop('/at/'.$handle.'/pricing'))->see('Price board'),
        );
        $recipes = fn (): Page => $desk
            ->open(self::workshop('/at/'.$handle.'/pricing/recipes'))
            ->see('whatever no recipe before it prices')
            ->still();
        $dearer = fn (array $than): bool => array_filter(
            $board(),
            static fn (int $price, int $id): bool => $price <= $than[$id],
            ARRAY_FILTER_USE_BOTH,
        ) === [];
        $prices = $board();
        foreach (['4', '6'] as $n => $factor) {
            $recipes()->press('Add a recipe');
            $desk->until(fn (): bool => count($desk->all('[data-recipe]')) === $n + 2, 'for the new recipe');
            $desk
                ->see('prices nothing now')
                ->click('[data-recipe]:first-child [data-when]')
                ->write('Goods cost from', '0.05')
                ->press('It counts then');
            $desk->waitFor('[data-recipe]:first-child [data-when]', 'costing from 0.05');
            $this->say($desk, '[data-recipe]:first-child input[aria-label="Factor"]', $factor);
            $desk->still()->until(fn (): bool => $dearer($prices), 'for the new recipe to price everything');
            $prices = $board();
        }
        $recipes();
        $order = static fn (): array => array_map(
            static fn ($r): string => (string) $r->getAttribute('data-recipe'),
            $desk->all('[data-recipe]'),
        );
        [$six, $four, $last] = $order();
        $sixfold = $prices;
        $grips = $desk->all('[data-recipe] button[aria-label^="Move"]');
        $desk->driver
            ->action()
            ->clickAndHold($grips[1])
            ->moveByOffset(0, -20)
            ->moveToElement($grips[0])
            ->moveByOffset(0, -12)
            ->release()
            ->perform();
        $desk->see('Recipes put in another order');
        $desk->until(fn (): bool => $order() === [$four, $six, $last], 'for the other order');
        $desk->until(
            fn (): bool => array_filter(
                $board(),
                static fn (int $price, int $id): bool => $price >= $sixfold[$id],
                ARRAY_FILTER_USE_BOTH,
            ) === [],
            'for the recipe that stands first to make the price',
        );

        // The same by the keyboard: take hold, one down, let go.
        $recipes();
        $grip = $desk->css('[data-recipe] button[aria-label^="Move"]');
        $grip->sendKeys(WebDriverKeys::SPACE);
        $desk->until(fn (): bool => $desk->has('[aria-pressed="true"][aria-label^="Move"]'), 'for it to be taken hold of');
        $grip->sendKeys(WebDriverKeys::ARROW_DOWN);
        $desk->still();
        $grip->sendKeys(WebDriverKeys::SPACE);
        $desk->see('Recipes put in another order');
        $desk->until(fn (): bool => $order() === [$six, $four, $last], 'for the order from before');
        $desk->until(fn (): bool => $board() === $sixfold, 'for the prices from before');

        $recipes()->click('[data-recipe]:first-child [data-recipe-sentence] > button');
        $desk->until(
            fn (): bool => $desk->has('[data-recipe]:first-child input[aria-label="Up to, step 1"]'),
            'for a second step',
        );
        $this->say($desk, '[data-recipe]:first-child input[aria-label="Figure, step 1"]', '9');
        $desk->until(
            fn (): bool => array_filter(
                $board(),
                static fn (int $price, int $id): bool => $price > $sixfold[$id],
                ARRAY_FILTER_USE_BOTH,
            ) !== [],
            'for what is cheap to cost more',
        );
        self::assertNotSame([], array_intersect_assoc($board(), $sixfold), 'what lies above the step stays');
    }

    public function test_the_cost_sheet_and_a_ladder_move_what_is_kept_and_shoppers_see_it(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $this->take($desk, 'twine tin dispenser', 'OD-1016');
        $desk->click('[data-ladder]')->see('Prices that fall with quantity')->press('Add a rung')->see('does it pay?');
        $desk->until(fn (): bool => count($desk->all('[data-rungs] tbody tr')) === 2, 'for the rung’s figures');
        $desk->readsForEveryone('a ladder')->press('Sell with this ladder')->see('Shoppers see the ladder.');
        $desk
            ->open(self::workshop('/at/'.$handle.'/pricing/costs'))
            ->see('Exchange rates')
            ->readsForEveryone('the cost sheet');
        $before = $desk->css('[data-till="kept"]')->getText();
        $this->say($desk, '[data-cost="advertising"] input', '1.50');
        $desk->see('takes £1.50');
        $desk->until(
            fn (): bool => $desk->css('[data-till="kept"]')->getText() !== $before,
            'for the sample to keep less',
        );
        $desk->press('Take today’s over')->see('taken over');
    }
}
