<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser\Support;

use Facebook\WebDriver\WebDriverKeys;

/** Figures written where they stand, and what the price board asks. */
trait WorksPrices
{
    private function say(Page $desk, string $css, string $value): void
    {
        $field = $desk->css($css);
        $field->click();
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys([WebDriverKeys::BACKSPACE]);
        $field->sendKeys($value.Page::ENTER);
    }

    /** @return array<int, int> variant → price on the board, in pence */
    private function prices(Page $desk): array
    {
        $prices = $desk->script(
            'return Object.fromEntries([...document.querySelectorAll("[data-variant]")].map(r => [r.dataset.variant, '.
                'Math.round(parseFloat(r.querySelector("input[aria-label^=\'Price of\']").value) * 100)]))',
        );

        return is_array($prices) ? array_map(intval(...), $prices) : [];
    }
}
