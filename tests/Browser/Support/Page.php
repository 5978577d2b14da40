<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser\Support;

use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\ScriptTimeoutException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use PHPUnit\Framework\Assert;

/** A browser window as a person uses it: things are found by what they are called, and waited for. */
final class Page
{
    public const ENTER = WebDriverKeys::ENTER;

    public const TAB = WebDriverKeys::TAB;

    public const ESCAPE = WebDriverKeys::ESCAPE;

    public const ALT_UP = [WebDriverKeys::ALT, WebDriverKeys::ARROW_UP];

    private const PATIENCE = 45;

    /** Milliseconds from one look to the next. */
    private const LOOK = 40;

    /** The shop scrolls smoothly; a click doesn't wait for that. */
    private const INTO_VIEW = 'const at = arguments[0].getBoundingClientRect(); if (at.top < 0 || at.bottom > innerHeight) '.
        'arguments[0].scrollIntoView({block: "center", behavior: "instant"})';

    /** Nothing that ends by itself is moving, and all that was asked for has come. */
    private const AT_REST = <<<'JS'
        return document.readyState === 'complete'
            && document.fonts.status === 'loaded'
            && document.getAnimations().every((a) => a.playState !== 'running'
                || a.effect.getComputedTiming().iterations === Infinity);
        JS;

    /** How often something was pressed or filled in. */
    private int $steps = 0;

    public function __construct(public readonly RemoteWebDriver $driver)
    {
    }

    public function steps(): int
    {
        return $this->steps;
    }

    public function open(string $url): self
    {
        $this->driver->get($url);

        return $this;
    }

    /** Looks into the frame of that selector, until {@see whole()}. */
    public function within(string $css): self
    {
        $this->driver->switchTo()->frame($this->css($css));

        return $this;
    }

    public function whole(): self
    {
        $this->driver->switchTo()->defaultContent();

        return $this;
    }

    public function see(string $text): self
    {
        $this->until(fn (): bool => str_contains($this->text(), $text), 'to see “'.$text.'”');

        return $this;
    }

    public function dontSee(string $text): self
    {
        Assert::assertStringNotContainsString($text, $this->text());

        return $this;
    }

    /** Presses the button or link of that name. */
    public function press(string $name): self
    {
        $this->steps++;
        $q = self::quote($name);
        $this->hit(
            WebDriverBy::xpath(
                "//button[normalize-space()=$q or @aria-label=$q] | //a[normalize-space()=$q or @aria-label=$q] | ".
                    "//*[@role='menuitem'][normalize-space()=$q] | //*[@role='radio'][normalize-space()=$q]",
            ),
            $name,
        );

        return $this;
    }

    /** Waits until what slides in has come to rest. */
    public function still(): self
    {
        $this->until(fn (): bool => $this->script(self::AT_REST) === true, 'for everything to come to rest');

        return $this;
    }

    /**
     * Does something and waits until all it asked of the server is answered.
     *
     * @param  callable(): mixed  $do
     */
    public function answered(callable $do): self
    {
        $this->script(
            'if (window.asked === undefined) { window.asked = 0; const ask = window.fetch; window.fetch = (...of) => '.
                '{ window.asked++; return ask(...of).finally(() => setTimeout(() => window.asked--, 50)); }; }',
        );
        $do();
        $this->until(fn (): bool => $this->script('return window.asked') === 0, 'for the answer');

        return $this;
    }

    public function click(string $css): self
    {
        $this->steps++;
        $this->hit(WebDriverBy::cssSelector($css), $css);

        return $this;
    }

    /** Writes into the field of that label in place of what stood there; anew where somebody else's change drew it again meanwhile. */
    public function write(string $label, string $text): self
    {
        $this->steps++;
        for ($drawnAnew = 0; ; $drawnAnew++) {
            try {
                return $this->writeOnce($label, $text);
            } catch (StaleElementReferenceException $stale) {
                if ($drawnAnew === 2) {
                    throw $stale;
                }
            }
        }
    }

    private function writeOnce(string $label, string $text): self
    {
        $q = self::quote($label);
        $field = $this->hit(WebDriverBy::xpath(
            "//input[@aria-label=$q] | //*[@role='textbox'][@aria-label=$q] | //textarea[@aria-label=$q] | ".
                "//label[normalize-space()=$q]//*[self::input or self::textarea] | ".
                "//label[normalize-space()=$q]/following::*[self::input or self::textarea][1] | ".
                "//label[.//*[normalize-space()=$q]]//input",
        ), $label);
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys(WebDriverKeys::DELETE);
        $field->sendKeys($text);

        return $this;
    }

    /** Chooses one of a list by its words. */
    public function choose(string $label, string $option): self
    {
        $this->steps++;
        $q = self::quote($label);
        $list = $this->find("//select[@aria-label=$q] | //label[normalize-space()=$q]/following::select[1]", $label);
        (new WebDriverSelect($list))->selectByVisibleText($option);

        return $this;
    }

    public function key(string $key): self
    {
        $this->driver->getKeyboard()->sendKeys($key);

        return $this;
    }

    public function css(string $css): RemoteWebElement
    {
        return $this->await(WebDriverBy::cssSelector($css), $css);
    }

    /** @return list<RemoteWebElement> */
    public function all(string $css): array
    {
        return array_values($this->driver->findElements(WebDriverBy::cssSelector($css)));
    }

    public function has(string $css): bool
    {
        return $this->all($css) !== [];
    }

    public function waitFor(string $css, string $text): self
    {
        $this->until(
            fn (): bool => str_contains($this->driver->findElement(WebDriverBy::cssSelector($css))->getText(), $text),
            "$css to say “{$text}”",
        );

        return $this;
    }

    public function text(): string
    {
        return (string) $this->driver->executeScript('return document.body ? document.body.innerText : ""');
    }

    /** Waits for words inside the phone that stands in the page. */
    public function seeInPhone(string $text): self
    {
        try {
            $this->until(function () use ($text): bool {
                $this->driver->switchTo()->defaultContent();
                $this->driver->switchTo()->frame($this->driver->findElement(WebDriverBy::cssSelector('iframe')));

                return str_contains($this->text(), $text);
            }, 'to see “'.$text.'” in the phone');
        } finally {
            $this->driver->switchTo()->defaultContent();
        }

        return $this;
    }

    public function script(string $script): mixed
    {
        return $this->driver->executeScript($script);
    }

    /** Another width of the screen, in pixels. */
    public function wide(int $pixels): self
    {
        $this->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => 'Emulation.setDeviceMetricsOverride',
            'params' => ['width' => $pixels, 'height' => 800, 'deviceScaleFactor' => 1, 'mobile' => false],
        ]);

        return $this;
    }

    /** axe-core and html-validate find nothing on this screen. */
    public function readsForEveryone(string $where): self
    {
        $found = $this->foundByAxe();
        if ($found !== []) {
            // What was said in passing may have begun to fade meanwhile, or be gone by now.
            $this->until(fn (): bool => ! $this->has('[data-sonner-toast]'), 'for what was said to be gone');
            $found = $this->foundByAxe();
        }
        Assert::assertSame(
            [],
            array_map(
                static fn (array $v): string => $v['id'].
                    ': '.
                    $v['nodes'][0]['html'].
                    ' — '.
                    $v['nodes'][0]['failureSummary'],
                $found,
            ),
            'axe on '.$where,
        );
        // What says things in passing is made elsewhere, its buttons without a type; axe-core has looked at it.
        $html = (string) $this->script(
            'const page = document.documentElement.cloneNode(true); page.querySelectorAll("[data-sonner-toast]")'.
                '.forEach(toast => toast.remove()); return "<!DOCTYPE html>" + page.outerHTML',
        );
        // By the standard's elements and what helps those who don't see the page. What lies under an open sheet is
        // hidden and can't be come to; axe-core knows that, html-validate doesn't.
        Assert::assertSame([], Validator::found($html), 'html-validate on '.$where);

        return $this;
    }

    /** @return list<array{id: string, impact: string, nodes: list<array{html: string, failureSummary: string}>}> */
    private function foundByAxe(): array
    {
        // What is just fading in or out has no contrast of its own yet.
        $this->still();
        $this->until(
            fn (): bool => $this->script(
                'return [...document.querySelectorAll("[data-sonner-toast]")].every(t => getComputedStyle(t).opacity '.
                    '=== "1")',
            ) === true,
            'for what was said to stand or be gone',
        );
        $this->driver->executeScript(
            (string) file_get_contents(__DIR__.'/../../../node_modules/axe-core/axe.min.js'),
        );

        return $this->driver->executeAsyncScript(
            'const done = arguments[arguments.length - 1]; axe.run(document, {resultTypes: ["violations"], iframes: '.
                'false, rules: {"label-content-name-mismatch": {enabled: true}}}).then(r => done(r.violations))',
        );
    }

    /** @param  callable(): bool  $condition */
    public function until(callable $condition, string $what): void
    {
        $stalled = 0;
        do {
            $before = $stalled;
            $waited = $this->waited($condition, $stalled);
            // A browser that stood still on a busy machine has had no time to show anything: once more.
        } while (! $waited && $stalled > $before && $stalled < 3);
        if (! $waited) {
            $this->driver->takeScreenshot(__DIR__.'/../../../var/browser/log/failed-'.date('His').'.png');
            Assert::fail(
                "Waited in vain $what at {$this->driver->getCurrentURL()}. The page says:\n".
                    mb_substr($this->text(), 0, 1500),
            );
        }
    }

    /**
     * The same for what may take longer than a screen does.
     *
     * @param  int  $seconds  at the most
     * @param  callable(): bool  $condition
     */
    public function untilIn(int $seconds, callable $condition, string $what): void
    {
        try {
            $this->driver->wait($seconds, 1_000)->until(static fn (): bool => $condition());
        } catch (TimeoutException) {
            Assert::fail('Waited '.$seconds.' seconds in vain '.$what.'.');
        }
    }

    /** @param  callable(): bool  $condition */
    private function waited(callable $condition, int &$stalled): bool
    {
        try {
            $this->driver->wait(self::PATIENCE, self::LOOK)->until(static function () use ($condition, &$stalled): bool {
                try {
                    return $condition();
                } catch (NoSuchElementException|StaleElementReferenceException) {
                    return false;
                } catch (ScriptTimeoutException) {
                    $stalled++;

                    return false;
                }
            });

            return true;
        } catch (TimeoutException) {
            return false;
        }
    }

    /** Clicks it. What was drawn anew between the finding and the click was not clicked, and is found again. */
    private function hit(WebDriverBy $by, string $name): RemoteWebElement
    {
        $element = null;
        $this->until(function () use ($by, $name, &$element): bool {
            $element = $this->await($by, $name);
            $this->driver->executeScript(self::INTO_VIEW, [$element]);
            $element->click();

            return true;
        }, 'to click “'.$name.'”');
        assert($element instanceof RemoteWebElement);

        return $element;
    }

    private function find(string $xpath, string $name): RemoteWebElement
    {
        return $this->await(WebDriverBy::xpath($xpath), $name);
    }

    private function await(WebDriverBy $by, string $name): RemoteWebElement
    {
        $found = null;
        $this->until(function () use ($by, &$found): bool {
            foreach ($this->driver->findElements($by) as $element) {
                if ($element->isDisplayed() && $element->isEnabled()) {
                    $found = $element;

                    return true;
                }
            }

            return false;
        }, 'for “'.$name.'”');
        assert($found instanceof RemoteWebElement);

        return $found;
    }

    private static function quote(string $text): string
    {
        return str_contains($text, "'") ? '"'.$text.'"' : "'".$text."'";
    }
}
