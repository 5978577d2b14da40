<?php

declare(strict_types=1);

namespace WindowStall\Core\Giving;

/**
 * The code of a gift card: 128 random bits, written in 26 letters and digits that aren't mistaken for one another
 * (Crockford's base 32, https://www.crockford.com/base32.html), in groups.
 */
final readonly class CardCode
{
    private const BYTES = 16;

    private const LETTERS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';

    private const LENGTH = 26;

    private function __construct(private string $letters)
    {
    }

    /** @param  string  $bytes  16 random ones */
    public static function of(string $bytes): self
    {
        if (strlen($bytes) !== self::BYTES) {
            throw new \LogicException('A code is made of 16 bytes.');
        }
        $letters = '';
        $held = $bits = 0;
        foreach (str_split($bytes) as $byte) {
            $held = ($held << 8) | ord($byte);
            for ($bits += 8; $bits >= 5; $bits -= 5) {
                $letters .= self::LETTERS[($held >> ($bits - 5)) & 31];
            }
            $held &= (1 << $bits) - 1;
        }

        return new self($letters.self::LETTERS[($held << (5 - $bits)) & 31]);
    }

    /** As it was typed, with whatever stands between its letters; null where it is none. */
    public static function read(string $typed): ?self
    {
        $letters = strtr(strtoupper((string) preg_replace('/[^0-9A-Za-z]/', '', $typed)), ['O' => '0', 'I' => '1', 'L' => '1']);

        return strlen($letters) === self::LENGTH && strspn($letters, self::LETTERS) === self::LENGTH ? new self($letters) : null;
    }

    /** "7ZQ4M-…": as it is read and typed. */
    public function words(): string
    {
        return implode('-', str_split($this->letters, 5));
    }

    /** By which it is known without being kept. */
    public function hash(): string
    {
        return hash('sha256', $this->letters);
    }
}
