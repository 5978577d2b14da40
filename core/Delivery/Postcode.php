<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery;

/** The form of a postcode: whether a country's could look like this, not whether there is such a place. */
final class Postcode
{
    /** @var array<string, string>|null country → a regular expression */
    private static ?array $forms = null;

    /**
     * @param  string  $typed  as somebody wrote it
     * @param  string  $country  ISO 3166
     * @return string|null in capitals, with single spaces; null where it can't be one
     */
    public static function read(string $typed, string $country): ?string
    {
        $code = mb_strtoupper(trim((string) preg_replace('/\s+/u', ' ', $typed)));
        $form = self::forms()[$country] ?? '^[A-Z0-9][A-Z0-9 -]{1,11}$';

        return preg_match('~'.str_replace('~', '\~', $form).'~iD', $code) === 1 ? $code : null;
    }

    /** @return array<string, string> */
    private static function forms(): array
    {
        /** @var array<string, string> $kept */
        $kept = self::$forms ?? require __DIR__.'/postcode-forms.php';

        return self::$forms = $kept;
    }
}
