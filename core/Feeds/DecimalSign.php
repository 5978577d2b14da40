<?php

declare(strict_types=1);

namespace WindowStall\Core\Feeds;

/** Which sign parts the whole from the fraction in a file; the other one parts thousands. */
enum DecimalSign: string
{
    case Point = '.';
    case Comma = ',';

    /**
     * What stands for money besides the figure: signs, their national forms, and the codes of ISO 4217 that goods are
     * commonly priced in.
     */
    private const MONEY =
        '(?:us|r|a|au|c|ca|nz|hk|s|nt|mx)?\p{Sc}|kr\.?|zł|zl|rs\.?|rp\.?|ft|kč|kc|lei|лв\.?|din\.?|s?fr\.?|'.
        'aed|ars|aud|bgn|brl|cad|chf|clp|cny|cop|czk|dkk|egp|eur|gbp|hkd|huf|idr|ils|inr|isk|jpy|krw|kwd|mad|mxn|myr|'.
        'nok|nzd|pen|php|pkr|pln|ron|rsd|rub|sar|sek|sgd|thb|try|twd|uah|usd|vnd|zar';

    /**
     * What a column of figures speaks for; {@see guess()} says how sure that is.
     *
     * @param  iterable<string>  $values
     */
    public static function of(iterable $values): self
    {
        return self::guess($values)->sign;
    }

    /**
     * A figure that can be read one way only is evidence for that way: 4,20 for the comma, 1,234.50 for the point. One
     * that can be read both ways, such as 1,234, is taken for thousands, since hardly a price has three decimals; where
     * nothing else speaks, a person is asked.
     *
     * @param  iterable<string>  $values
     */
    public static function guess(iterable $values): DecimalGuess
    {
        $for = [self::Point->value => 0, self::Comma->value => 0];
        $example = [self::Point->value => '', self::Comma->value => ''];
        $both = '';
        foreach ($values as $value) {
            $point = self::Point->read($value);
            $comma = self::Comma->read($value);
            if ($point !== null && $comma !== null && $point !== $comma) {
                $both = $both === '' ? trim($value) : $both;
            } elseif (($point === null) !== ($comma === null)) {
                $sign = $point === null ? self::Comma->value : self::Point->value;
                $for[$sign]++;
                $example[$sign] = $example[$sign] === '' ? trim($value) : $example[$sign];
            }
        }
        [$points, $commas] = [$for[self::Point->value], $for[self::Comma->value]];

        return match (true) {
            $points > 0 && $commas > 0 => DecimalGuess::divided(
                $commas > $points ? self::Comma : self::Point,
                $example[self::Point->value],
                $example[self::Comma->value],
            ),
            $commas > 0 => DecimalGuess::sure(self::Comma),
            $points > 0 || $both === '' => DecimalGuess::sure(self::Point),
            default => DecimalGuess::either(self::thousands($both), $both),
        };
    }

    /** "1.234,50 €" → "1234.50"; null when the text is no figure. */
    public function read(string $text): ?string
    {
        if (strlen($text) < 13 && ctype_digit($text)) {
            return $text;
        }
        if ($this === self::Point && preg_match('/^\d{1,12}\.\d+$/D', $text) === 1) {
            return $text;
        }
        $bare = self::bare($text);
        $other = preg_quote($this === self::Point ? ',' : '.', '/');
        $own = preg_quote($this->value, '/');
        $shape = '/^[+-]?(?:\d{1,12}|[1-9]\d{0,2}(?:'.$other.'\d{3})+)?(?:'.$own.'\d*)?$/D';
        if ($bare === null || preg_match($shape, $bare) !== 1 || preg_match('/\d/', $bare) !== 1) {
            return null;
        }
        $plain = str_replace(['+', stripslashes($other), $this->value], ['', '', '.'], $bare);

        return rtrim((string) preg_replace('/^(-?)\./', '${1}0.', $plain), '.');
    }

    /** The figure alone: without money's signs, without what parts groups of digits besides . and , and "5,-" as 5. */
    private static function bare(string $text): ?string
    {
        $figure = preg_replace(
            ['/^\s*(?:'.self::MONEY.')\s*(?=[+\-]?[\d.,])/iu', '/(?<=[\d.,\-–—])\s*(?:'.self::MONEY.')\s*$/iu'],
            '',
            $text,
        );
        $joined = $figure === null ? null : preg_replace('/[\s\x{00A0}\x{202F}\'’]/u', '', $figure);

        return $joined === null ? null : preg_replace('/(?<=\d)[.,][-–—]+$/u', '', $joined);
    }

    /** The sign with which a figure that can be read both ways has thousands. */
    private static function thousands(string $figure): self
    {
        return str_contains($figure, ',') ? self::Point : self::Comma;
    }
}
