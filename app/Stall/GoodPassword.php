<?php

declare(strict_types=1);

namespace WindowStall\Stall;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/**
 * A password that isn't guessed at once: long enough, not one of those that everybody takes, and not made of what is
 * known anyway.
 */
final readonly class GoodPassword implements ValidationRule
{
    public const LEAST = 10;

    private const MOST = 200;

    /**
     * Of a hash, in resources/data/common-passwords.hashes: the beginnings of SHA-256 of passwords that are tried first
     * (from the frequency lists of the zxcvbn library, MIT), so that nobody has to read them.
     */
    private const DIGITS = 16;

    /** @param  list<string>  $known  what others know of the person: name, e-mail */
    public function __construct(private array $known)
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $why = is_string($value) ? $this->why($value) : 'A password is text.';
        if ($why !== null) {
            $fail($why);
        }
    }

    private function why(string $password): ?string
    {
        $length = mb_strlen($password);
        $plain = mb_strtolower($password);

        return match (true) {
            $length < self::LEAST => 'Ten letters or more keep a stall safe.',
            $length > self::MOST => sprintf('A password has up to %d letters.', self::MOST),
            $this->repeats($plain) => 'This repeats itself; it is guessed at once. Take a few words that nobody else puts together.',
            self::common($plain) => 'Many people use this password, so it is tried first. Take a few words that nobody else puts together.',
            $this->isKnown($plain) => 'This is made of your name or address. Take a few words that nobody else puts together.',
            default => null,
        };
    }

    /** "aaaaaaaaaa", "abcabcabcabc", "1234567890" */
    private function repeats(string $password): bool
    {
        return preg_match('/^(.{1,4}?)\1+.{0,3}$/u', $password) === 1 ||
            str_contains('01234567890123456789 98765432109876543210 abcdefghijklmnopqrstuvwxyz', $password);
    }

    private function isKnown(string $password): bool
    {
        $letters = static fn (string $text): string => (string) preg_replace('/[^\p{L}]/u', '', mb_strtolower($text));
        foreach ($this->known as $known) {
            $word = $letters(explode('@', $known)[0]);
            $rest = mb_strlen($letters(str_replace(mb_strtolower($known), '', $password)));
            if (mb_strlen($word) >= 4 && str_contains($letters($password), $word) && $rest - mb_strlen($word) < 4) {
                return true;
            }
        }

        return false;
    }

    private static function common(string $password): bool
    {
        static $hashes = null;
        $hashes ??= array_flip(file(resource_path('data/common-passwords.hashes'), FILE_IGNORE_NEW_LINES) ?: []);
        // As it stands, and without what is often hung on: "sunshine2024!".
        foreach (
            [
                $password,
                (string) preg_replace('/[\W_]+$/u', '', $password),
                (string) preg_replace('/[\d\W_]+$/u', '', $password),
            ] as $word
        ) {
            if (isset($hashes[substr(hash('sha256', $word), 0, self::DIGITS)])) {
                return true;
            }
        }

        return false;
    }
}
