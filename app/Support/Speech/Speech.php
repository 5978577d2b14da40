<?php

declare(strict_types=1);

namespace WindowStall\Support\Speech;

use Illuminate\Support\Facades\App;
use Illuminate\Support\HtmlString;
use MessageFormatter;
use WindowStall\Core\Money\Money;
use WindowStall\Support\Views\MoneyView;

/**
 * The program's own words for shoppers, in the language that is being spoken. They lie in lang/<language>/ as ICU messages
 * (https://unicode-org.github.io/icu/userguide/format_parse/messages/), so that plurals and numbers are as each language has
 * them; a typographic apostrophe is written, as the straight one begins a quotation there.
 *
 *     Speech::say('shop.things', count: 3)             // "3 things", "3 Dinge"
 *     Speech::html('till.order.promised', dates: $bold)  // its own words escaped, HTML put in as it is
 */
final class Speech
{
    /** Languages that the program's own words are there in, by ISO 639-1, with their own names. */
    public const LANGUAGES = [
        'en' => 'English',
        'de' => 'Deutsch',
        'fr' => 'Français',
        'nl' => 'Nederlands',
        'es' => 'Español',
    ];

    /** @var array<string, MessageFormatter> */
    private static array $formatters = [];

    /**
     * @param  string  $key  file and place in it: "shop.things"
     * @param  string|int|Money|null  ...$values  by name; money and whole numbers as the language writes them
     */
    public static function say(string $key, string|int|Money|null ...$values): string
    {
        // Most have nothing to fill in; what has no braces reads the same as a message.
        $line = self::line($key);

        return $values === [] && ! str_contains($line, '{') ? $line : self::filled($key, $line, array_map(
            static fn (string|int|Money|null $v): string|int => $v instanceof Money ? MoneyView::text($v) : $v ?? '',
            $values,
        ));
    }

    /** The same for a page: its words escaped, and so is what is filled in, unless it is HTML already. */
    public static function html(string $key, string|int|Money|HtmlString|null ...$values): HtmlString
    {
        return new HtmlString(self::filled($key.' as HTML', e(self::line($key)), array_map(
            static fn (string|int|Money|HtmlString|null $v): string|int => match (true) {
                $v instanceof HtmlString => $v->toHtml(),
                $v instanceof Money => e(MoneyView::text($v)),
                is_int($v) => $v,
                default => e((string) $v),
            },
            $values,
        )));
    }

    /**
     * Speaks a language meanwhile.
     *
     * @template T
     *
     * @param  callable(): T  $do
     * @return T
     */
    public static function in(string $language, callable $do): mixed
    {
        $before = App::getLocale();
        if ($before === $language) {
            return $do();
        }
        App::setLocale($language);
        try {
            return $do();
        } finally {
            App::setLocale($before);
        }
    }

    public static function language(): string
    {
        return App::getLocale();
    }

    /** How numbers and dates are written, as ICU names it. */
    public static function locale(): string
    {
        $language = self::language();

        return $language === 'en' ? 'en_GB' : $language;
    }

    public static function knows(string $language): bool
    {
        return isset(self::LANGUAGES[$language]);
    }

    private static function line(string $key): string
    {
        $line = trans($key);

        return is_string($line) ? $line : throw new \LogicException('Nothing is said by '.$key.' alone.');
    }

    /** @param  array<array-key, string|int>  $values */
    private static function filled(string $key, string $line, array $values): string
    {
        $formatter = self::$formatters[self::locale().' '.$key] ??= new MessageFormatter(self::locale(), $line);
        $said = $formatter->format($values);

        return $said === false ? throw new \LogicException($key.': '.$formatter->getErrorMessage()) : $said;
    }
}
