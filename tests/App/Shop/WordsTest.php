<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shop;

use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Route;
use MessageFormatter;
use PHPUnit\Framework\Attributes\DataProvider;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Policies\PolicyFacts;
use WindowStall\Core\Policies\PolicyKind;
use WindowStall\Core\Policies\WrittenPolicy;
use WindowStall\Support\Speech\Speech;
use WindowStall\Support\Speech\Spoken;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Window\Policies\PolicyWords;

/** The shop's own words: complete in every language, and none of them anywhere else. */
final class WordsTest extends AppTestCase
{
    private const FILES = ['dates', 'letters', 'policies', 'shop', 'till'];

    /** Said alike in another language, and right so. */
    private const ALIKE = [
        'de' => ['till.checkout.name', 'till.codes.code', 'till.parcels.several', 'till.sums.code'],
        'fr' => [
            'dates.date', 'dates.day', 'dates.day_of_month', 'dates.moment', 'dates.short_day', 'dates.stamp_day', 'shop.list.page', 'shop.list.pages',
            'shop.policies.version', 'shop.sign_up.email', 'till.checkout.province', 'till.codes.code', 'till.sums.code', 'till.sums.total', 'till.total_now',
        ],
        'nl' => [
            'dates.date', 'dates.day', 'dates.day_of_month', 'dates.moment', 'dates.short_day', 'dates.stamp_day', 'shop.goods.was',
            'shop.policies.privacy', 'shop.sign_up.email', 'till.checkout.postcode', 'till.codes.code', 'till.parcels.several', 'till.sums.code',
        ],
        'es' => ['dates.day_of_month', 'dates.moment', 'dates.short_day', 'dates.stamp_day', 'till.parcels.several', 'till.sums.total', 'till.total_now'],
    ];

    /** @return iterable<string, array{string}> */
    public static function languages(): iterable
    {
        foreach (array_keys(Speech::LANGUAGES) as $language) {
            yield $language => [$language];
        }
    }

    #[DataProvider('languages')]
    public function test_every_word_is_there_with_the_same_to_fill_in_and_is_a_message(string $language): void
    {
        $english = self::lines('en');
        $lines = self::lines($language);

        self::assertSame(array_keys($english), array_keys($lines));
        foreach ($lines as $key => $line) {
            self::assertNotSame('', trim($line), $key);
            self::assertSame(self::filledIn($english[$key]), self::filledIn($line), $key);
            if (! str_starts_with($key, 'dates.') || str_contains($line, '{')) {
                // A straight apostrophe would begin a quotation.
                self::assertStringNotContainsString("'", $line, $key);
                self::assertNotFalse((new MessageFormatter($language, $line))->format([]), $key);
            }
        }
        $alike = array_keys(array_filter(
            $lines,
            static fn (string $line, string $key): bool => $line === $english[$key] && preg_match('/\p{L}{2}/u', self::bare($line)) === 1,
            ARRAY_FILTER_USE_BOTH,
        ));
        if ($language !== 'en') {
            self::assertSame([], array_values(array_diff($alike, self::ALIKE[$language], self::SYMBOLS)), 'Nobody said these yet.');
        }
    }

    /** Patterns and marks that no language words. */
    private const SYMBOLS = ['dates.stamp_month', 'dates.weekday', 'policies.returns.pays', 'shop.sizes.cm', 'shop.sizes.inches'];

    public function test_what_is_said_is_there_and_what_is_there_is_said(): void
    {
        $keys = array_keys(self::lines('en'));
        $said = [];
        foreach ($this->sources() as $file) {
            preg_match_all("/[sS]ay(?:Html)?\\(\\s*(?:[^'()]*\\?\\s*)?'([a-z_]+\\.(?:[a-z_]+\\.?)*)'/", $file, $found);
            array_push($said, ...$found[1]);
            preg_match_all("/(?<!name\\()'((?:dates|letters|policies|shop|till)(?:\\.[a-z_]+)+\\.?)'/", $file, $others);
            // Routes have names like these.
            array_push($said, ...array_filter($others[1], static fn (string $key): bool => ! Route::has($key)));
        }
        $said = array_unique($said);
        foreach ($said as $key) {
            $there = array_filter($keys, static fn (string $k): bool => $k === $key || (str_ends_with($key, '.') && str_starts_with($k, $key)));
            self::assertNotSame([], $there, $key.' is said and isn’t there.');
        }
        $unsaid = array_filter($keys, static fn (string $key): bool => array_filter(
            $said,
            static fn (string $s): bool => $s === $key || (str_ends_with($s, '.') && str_starts_with($key, $s)),
        ) === []);
        self::assertSame([], array_values($unsaid), 'These are said nowhere.');
    }

    public function test_templates_say_nothing_of_their_own(): void
    {
        foreach (glob(resource_path('shop').'{/,/sections/}*.blade.php', GLOB_BRACE) ?: [] as $file) {
            $text = (string) file_get_contents($file);
            // What is worked out, and whatever is no text.
            $text = (string) preg_replace(['/\{\{--.*?--\}\}/s', '/\{\{.*?\}\}/s', '/\{!!.*?!!\}/s'], '', $text);
            $text = (string) preg_replace(['/@php\b(?!\().*?@endphp/s', '/<(script|style)\b.*?<\/\1>/s'], '', $text);
            $text = (string) preg_replace('/@[a-zA-Z]+\s*(\((?:[^()]|(?1))*\))?/', '', $text);
            preg_match_all('/(?:aria-label|placeholder|alt|title)="([^"]*\p{L}{2}[^"]*)"/u', $text, $told);
            $text = (string) preg_replace('/<[^>]*>/s', ' ', $text);
            self::assertSame([], $told[1], basename($file));
            self::assertDoesNotMatchRegularExpression('/\p{L}{2}/u', $text, basename($file));
        }
    }

    /** @param  array<string, mixed>  $facts */
    #[DataProvider('policies')]
    public function test_every_clause_of_a_policy_is_said_in_every_language(array $facts): void
    {
        foreach (array_keys(Speech::LANGUAGES) as $language) {
            foreach (PolicyKind::cases() as $kind) {
                $words = Speech::in($language, static fn (): array => PolicyWords::of(WrittenPolicy::of($kind, new PolicyFacts(...$facts))));
                self::assertStringNotContainsString('policies.', implode(' ', $words), $language);
                self::assertStringNotContainsString('{', implode(' ', $words), $language);
            }
        }
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function policies(): iterable
    {
        $all = [
            'shop' => 'Quillet', 'trader' => 'Ada Marl', 'street' => '4 Dyke Lane', 'town' => 'Aldermere', 'postcode' => 'AL4 2QT',
            'country' => 'GB', 'email' => 'hello@quillet.example', 'phone' => '01 234', 'register' => 'No 7', 'taxNumber' => 'GB 1',
            'byLaw' => true, 'sendsTo' => ['GB', 'IE'], 'postsFrom' => ['GB'], 'days' => new DayRange(3, 7),
            'delivery' => Money::of(295, 'GBP'), 'freeOver' => Money::of(5_000, 'GBP'), 'promiseDays' => 10, 'taxOnTop' => false,
            'printed' => true, 'returnDays' => 30, 'returnBy' => 'shopper', 'keepYears' => 6, 'letters' => true, 'form' => true,
            'besides' => ['terms' => 'Be kind.'],
        ];

        yield 'all that can be said' => [$all];
        yield 'the rest' => [[
            'delivery' => null, 'freeOver' => null, 'taxOnTop' => true, 'byLaw' => false, 'returnBy' => 'stall',
            'speaks' => true, 'asksPhone' => true, 'halves' => true,
        ] + $all];
        yield 'blanks' => [array_fill_keys(['trader', 'street', 'town', 'postcode', 'email', 'returnDays', 'returnBy', 'keepYears'], null) + [
            'delivery' => Money::of(0, 'GBP'),
        ] + $all];
        yield 'one charge' => [['freeOver' => null] + $all];
    }

    public function test_money_days_and_lists_are_written_as_each_language_has_them(): void
    {
        $monday = new \DateTimeImmutable('2026-12-07');
        $said = [];
        foreach (array_keys(Speech::LANGUAGES) as $language) {
            $said[$language] = str_replace(["\u{a0}", "\u{202f}"], ' ', implode(' | ', Speech::in($language, static fn (): array => [
                Speech::say('till.sums.total').' '.Speech::say('till.total_now', total: Money::of(1_234_567, 'EUR')),
                Spoken::between($monday, $monday->modify('+2 days')),
                Spoken::between(new \DateTimeImmutable('2026-12-31'), new \DateTimeImmutable('2027-01-04')),
                Spoken::days(new DayRange(1, 1)).', '.Spoken::days(new DayRange(2, 4)),
                Spoken::percent(new Rate(77_500)),
                Spoken::weight(1_250),
                Spoken::all(['a', 'b', 'c']),
                Spoken::countrySaid('GB'),
                Speech::say('shop.things', count: 1).', '.Speech::say('shop.things', count: 12_000),
            ])));
        }
        self::assertSame([
            'en' => 'Total Total €12,345.67 | Monday 7 to Wednesday 9 December | Thursday 31 December to Monday 4 January | '
                .'1 day, 2 to 4 days | 7.75% | 1.25 kg | a, b and c | the United Kingdom | 1 thing, 12,000 things',
            'de' => 'Summe Summe 12.345,67 € | Montag, 7. bis Mittwoch, 9. Dezember | Donnerstag, 31. Dezember bis Montag, 4. Januar | '
                .'1 Tag, 2 bis 4 Tage | 7,75 % | 1,25 kg | a, b und c | Vereinigtes Königreich | 1 Artikel, 12.000 Artikel',
            'fr' => 'Total Total 12 345,67 € | du lundi 7 au mercredi 9 décembre | du jeudi 31 décembre au lundi 4 janvier | '
                .'1 jour, 2 à 4 jours | 7,75 % | 1,25 kg | a, b et c | Royaume-Uni | 1 article, 12 000 articles',
            'nl' => 'Totaal Totaal € 12.345,67 | maandag 7 tot woensdag 9 december | donderdag 31 december tot maandag 4 januari | '
                .'1 dag, 2 tot 4 dagen | 7,75% | 1,25 kg | a, b en c | Verenigd Koninkrijk | 1 artikel, 12.000 artikelen',
            'es' => 'Total Total 12.345,67 € | del lunes 7 al miércoles 9 de diciembre | del jueves 31 de diciembre al lunes 4 de enero | '
                .'1 día, de 2 a 4 días | 7,75 % | 1,25 kg | a, b y c | Reino Unido | 1 artículo, 12.000 artículos',
        ], $said);
    }

    /** @return array<string, string> */
    private static function lines(string $language): array
    {
        $lines = [];
        foreach (self::FILES as $file) {
            $lines += array_map(strval(...), array_filter(
                Arr::dot([$file => require base_path('lang/'.$language.'/'.$file.'.php')]),
                is_string(...),
            ));
        }
        ksort($lines);

        return $lines;
    }

    /** @return list<string> names of what is filled in */
    private static function filledIn(string $line): array
    {
        preg_match_all('/\{([a-z_]+)[,}]/', $line, $found);
        $names = array_unique($found[1]);
        sort($names);

        return $names;
    }

    private static function bare(string $line): string
    {
        return (string) preg_replace('/\{[a-z_]+\}/', '', $line);
    }

    /** @return iterable<string> */
    private function sources(): iterable
    {
        $files = [...glob(resource_path('shop').'{/,/sections/}*.blade.php', GLOB_BRACE) ?: [], ...glob(resource_path('views/mail/*')) ?: []];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(app_path())) as $file) {
            if ($file instanceof \SplFileInfo && $file->getExtension() === 'php') {
                $files[] = $file->getPathname();
            }
        }
        foreach ($files as $file) {
            yield (string) file_get_contents($file);
        }
    }
}
