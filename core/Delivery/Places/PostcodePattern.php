<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Places;

/**
 * Some of a country's postcodes, as a seller writes them:
 *
 *     BT          the codes whose letters are these, where codes begin with letters
 *     PH33        the codes of this district, or this code
 *     IV*         whatever begins so
 *     97xxx       any figure for each x
 *     PH17–50     those from the one to the other, both included; also PH17–PH50, 10000–19999
 */
final readonly class PostcodePattern
{
    /** What lies between two ends: a dash of any length, or "to". */
    private const RANGE = '/^([A-Z]*)(\d+)(?:[-–—]| TO )([A-Z]*)(\d+)$/u';

    private const WILD = '/^[A-Z0-9]+\*$/';

    private const FIGURES = '/^[A-Z]*\d*X+$/';

    private const PLAIN = '/^[A-Z0-9]{1,10}$/';

    /**
     * @param  string  $said  as it was written, tidied
     * @param  string  $letters  what a code begins with
     * @param  array{int, int, int}|null  $range  from, to, and with how many figures they are written
     * @param  string|null  $form  a regular expression of whole codes
     * @param  float  $fixed  how many characters of a code it decides; of a range, less for each tenfold of what it holds
     */
    private function __construct(
        public string $said,
        private string $letters,
        private ?array $range,
        private ?string $form,
        public float $fixed,
    ) {
    }

    /** @return self|null null where it can't be read */
    public static function read(string $typed): ?self
    {
        $said = mb_strtoupper(trim((string) preg_replace('/\s+/u', ' ', $typed)));
        $range = str_contains($said, ' TO ') ? $said : str_replace(' ', '', $said);
        // "980-0000" is one code of Japan's, written with its dash.
        if (preg_match(self::RANGE, $range, $ends) === 1 && ((int) $ends[2] <= (int) $ends[4] || ! self::isCode($ends))) {
            return self::between($ends);
        }
        $close = str_replace([' ', '-'], '', $said);

        return match (true) {
            preg_match(self::WILD, $close) === 1 => self::beginning($close),
            preg_match(self::FIGURES, $close) === 1 => self::figures($close),
            preg_match(self::PLAIN, $close) === 1 => self::plain($close),
            default => null,
        };
    }

    /** @param  string  $country  ISO 3166-1; in some, the first part of a code stands for a district */
    public function holds(string $postcode, string $country): bool
    {
        $code = str_replace([' ', '-'], '', $postcode);
        $district = self::district($code, $country);
        if ($this->range !== null) {
            return $this->spans($district);
        }

        return preg_match((string) $this->form, $code) === 1 || preg_match((string) $this->form, $district) === 1;
    }

    /** @param  array<string>  $ends */
    private static function between(array $ends): ?self
    {
        [, $letters, $from, $again, $to] = $ends;
        $width = max(strlen($from), strlen($to));
        if (($again !== '' && $again !== $letters) || (int) $from > (int) $to || $width > 9) {
            return null;
        }
        $held = (int) $to - (int) $from + 1;

        return new self(
            $letters.$from.'–'.$to,
            $letters,
            [(int) $from, (int) $to, $letters === '' ? $width : 0],
            null,
            // "IV20–29" is nearer than "IV2*", which has IV2 besides.
            strlen($letters) + $width - log10($held) + ($letters === '' ? 0 : 0.0001),
        );
    }

    /** @param  array<string>  $ends */
    private static function isCode(array $ends): bool
    {
        return $ends[1].$ends[3] === '' && strlen($ends[2]) < strlen($ends[4]);
    }

    private static function beginning(string $said): self
    {
        $begins = rtrim($said, '*');

        return new self($said, '', null, '/^'.$begins.'/', strlen($begins));
    }

    private static function figures(string $said): self
    {
        $fixed = rtrim($said, 'X');
        $free = strlen($said) - strlen($fixed);

        return new self($fixed.str_repeat('x', $free), '', null, '/^'.$fixed.'\d{'.$free.'}$/', strlen($fixed));
    }

    private static function plain(string $said): self
    {
        // Letters alone are an area: "B" isn't "BT".
        $form = ctype_alpha($said) ? '/^'.$said.'(?![A-Z])/' : '/^'.$said.'$/';

        return new self($said, '', null, $form, strlen($said) + (ctype_alpha($said) ? 0 : 0.5));
    }

    private function spans(string $district): bool
    {
        [$from, $to, $width] = $this->range ?? [1, 0, 0];
        if ($this->letters !== '' && preg_match('/^'.$this->letters.'(\d+)/', $district, $found) === 1) {
            return (int) $found[1] >= $from && (int) $found[1] <= $to;
        }
        $figures = $width === 0 ? '' : substr($district, 0, $width);

        return strlen($figures) === $width && ctype_digit($figures) && (int) $figures >= $from && (int) $figures <= $to;
    }

    /**
     * What stands for a district in a code: all but the last three in the United Kingdom and the islands beside it (Royal
     * Mail's outward code), the first three in Ireland (the routing key of an Eircode) and Canada (the sorting area).
     */
    private static function district(string $code, string $country): string
    {
        return match ($country) {
            'GB', 'GG', 'JE', 'IM' => strlen($code) > 4 ? substr($code, 0, -3) : $code,
            'IE', 'CA' => substr($code, 0, 3),
            default => $code,
        };
    }
}
