<?php

declare(strict_types=1);

namespace WindowStall\Core\Words;

/**
 * What a supplier's title says of a thing, word by word: what it is, of what, with which parts, how long or how many.
 * What none of its words is known for isn't said.
 */
final readonly class TitleFacts
{
    /** Words before the head that stay in a name. */
    private const SORTS = 2;

    private const MEASURE = '/(?<![\w.,])(\d{1,4}(?:[.,]\d{1,2})?)\s?(mm|cm|m|ml|l|g|kg|oz|cells?|teeth|pieces|pcs|sheets)\b/iu';

    /**
     * @param  string  $name  what it is, small letters: "hand trowel"; "" where no word says
     * @param  list<string>  $materials  "stainless steel", the first said first
     * @param  list<string>  $parts  "a wooden handle"
     * @param  list<string>  $measures  "150 m", "12 teeth"
     * @param  list<string>  $features  "thorn-proof"
     */
    private function __construct(
        public string $name,
        public array $materials,
        public array $parts,
        public array $measures,
        public array $features,
    ) {
    }

    public static function of(string $title): self
    {
        preg_match_all('/[\p{L}][\p{L}’\']*|\d+(?:[.,]\d+)?/u', mb_strtolower($title), $found);
        $words = $found[0];
        [$name, $at] = self::name($words);
        [$parts, $used] = self::parts($words, $at);

        return new self(
            $name,
            self::materials(array_diff_key($words, array_flip($used))),
            $parts,
            self::measures($title),
            self::features(' '.implode(' ', $words).' '),
        );
    }

    /** A material as it stands before a name: "wooden". */
    public static function before(string $material): string
    {
        return self::map('adjectives')[$material] ?? $material;
    }

    /** Whether a word is what things are called by: "trowel", "gloves". */
    public static function isHead(string $word): bool
    {
        return in_array(self::single($word), self::list('heads'), true);
    }

    /** Whether a word names a material, or says one as an adjective. */
    public static function isMaterial(string $word): bool
    {
        return isset(self::map('materials')[mb_strtolower($word)]);
    }

    /**
     * @param  list<string>  $words
     * @return array{string, int} the name, and where its head stands; -1 where there is none
     */
    private static function name(array $words): array
    {
        foreach ($words as $at => $word) {
            $pair = $word.'-'.self::single($words[$at + 1] ?? '');
            $isPair = in_array($pair, self::list('pairs'), true);
            if (! $isPair && (! self::isHead($word) || in_array($word, self::list('sorts'), true))) {
                continue;
            }
            $next = self::single($words[$at + 1] ?? '');
            $held = in_array($word, self::list('before'), true) && in_array($next, self::list('holding'), true);
            $last = $at + ($isPair || $held ? 1 : 0);
            // A cover for a frame is no frame.
            $last += in_array(self::single($words[$last + 1] ?? ''), self::list('for'), true) ? 1 : 0;
            $name = implode(' ', array_slice($words, $at, $last - $at + 1));

            return [self::sorts($words, $at).$name, $last];
        }

        return ['', -1];
    }

    /**
     * The words before a head that tell its sort, with a space after each.
     *
     * @param  list<string>  $words
     */
    private static function sorts(array $words, int $head): string
    {
        $sorts = [];
        for ($at = $head - 1; $at >= 0 && count($sorts) < self::SORTS; $at--) {
            if (in_array($words[$at], self::list('sorts'), true)) {
                array_unshift($sorts, $words[$at]);
            } elseif (! self::isMaterial($words[$at]) && ! in_array($words[$at], self::list('between'), true)) {
                break;
            }
        }

        return implode('', array_map(static fn (string $s): string => $s.' ', $sorts));
    }

    /**
     * @param  list<string>  $words
     * @param  int  $head  where the name ends
     * @return array{list<string>, list<int>} parts, and the places of the words that were used for them
     */
    private static function parts(array $words, int $head): array
    {
        $parts = $used = [];
        foreach ($words as $at => $word) {
            $single = self::single($word);
            if ($at <= $head || ! in_array($single, self::list('parts'), true)) {
                continue;
            }
            [$said, $places] = self::saidOf($words, $at, $head);
            if ($said !== '') {
                $used = [...$used, ...$places];
                $twofold = in_array($word, self::list('twofold'), true) && self::isPlural($words[$head] ?? '');
                $named = $said.' '.$word.($twofold ? 's' : '');
                $parts[$single] = $single === $word && ! $twofold ? self::article($named).' '.$named : $named;
            }
        }
        $text = ' '.implode(' ', array_slice($words, $head + 1)).' ';
        foreach (self::map('alone') as $sign => $part) {
            if (str_contains($text, ' '.$sign.' ') && ! isset($parts[self::single($sign)]) && ! str_contains($text, ' no ')) {
                $parts[self::single($sign)] = $part;
            }
        }

        return [array_values($parts), $used];
    }

    /**
     * What is said of a part: its material, the nearest one and closest said, and its shape.
     *
     * @param  list<string>  $words
     * @return array{string, list<int>} and the places of the words that say it
     */
    private static function saidOf(array $words, int $part, int $head): array
    {
        $shapes = $places = [];
        $material = '';
        for ($at = $part - 1; $at > $head; $at--) {
            $known = self::map('materials')[$words[$at]] ?? null;
            if ($known === null && ! in_array($words[$at], self::list('shapes'), true)) {
                break;
            }
            if ($known === null) {
                array_unshift($shapes, $words[$at]);
            } elseif ($material === '' || in_array($known, self::closer($material), true)) {
                $material = $known;
            } else {
                // Another material is that of the thing itself.
                break;
            }
            $places[] = $at;
        }
        $said = array_filter([implode(', ', $shapes), self::before($material)]);

        return [implode(' ', $said), $places];
    }

    /**
     * @param  array<string>  $words
     * @return list<string>
     */
    private static function materials(array $words): array
    {
        $known = self::map('materials');
        $said = array_values(array_unique(array_filter(
            array_map(static fn (string $w): string => $known[$w] ?? '', $words),
        )));

        return array_values(array_filter(
            $said,
            static fn (string $m): bool => array_intersect(self::closer($m), $said) === [],
        ));
    }

    /** @return list<string> */
    private static function measures(string $title): array
    {
        $found = preg_match_all(self::MEASURE, $title, $m, PREG_SET_ORDER) > 0 ? $m : [];
        $said = array_map(
            static fn (array $of): string => $of[1].' '.str_replace('pcs', 'pieces', mb_strtolower($of[2])),
            $found,
        );

        // "15 cell" is a tray of fifteen.
        $said = array_map(static fn (string $s): string => (string) preg_replace('/(?<!^1) cell$/', ' cells', $s), $said);

        return array_values(array_unique(array_filter(
            $said,
            static fn (string $s): bool => $s !== '1 pieces' && ! str_starts_with($s, '0'),
        )));
    }

    /** @return list<string> */
    private static function features(string $text): array
    {
        $said = array_filter(
            self::map('features'),
            static fn (string $sign): bool => str_contains($text, ' '.$sign.' '),
            ARRAY_FILTER_USE_KEY,
        );

        return array_values($said);
    }

    public static function article(string $name): string
    {
        return preg_match('/^[aeiou]/i', $name) === 1 ? 'an' : 'a';
    }

    /** "gloves" → "glove"; words that only end so, such as "glass" and "scissors", stay. */
    private static function single(string $word): string
    {
        return match (true) {
            in_array($word, ['snips', 'scissors', 'shears', 'secateurs', 'pliers', 'tongs'], true) => $word,
            $word === 'teeth' => 'tooth',
            $word === 'knives' => 'knife',
            str_ends_with($word, 'shes'), str_ends_with($word, 'ches'), str_ends_with($word, 'xes') => substr($word, 0, -2),
            str_ends_with($word, 'ies') => substr($word, 0, -3).'y',
            str_ends_with($word, 's') && ! str_ends_with($word, 'ss') && strlen($word) > 3 => substr($word, 0, -1),
            default => $word,
        };
    }

    /** Whether a name means several: "gloves", "plant labels". */
    public static function isPlural(string $name): bool
    {
        $last = (string) strrchr(' '.mb_strtolower(trim($name)), ' ');

        return str_ends_with($last, 's') && ! str_ends_with($last, 'ss') && strlen($last) > 4;
    }

    /** @return list<string> words of one list */
    private static function list(string $name): array
    {
        /** @var array<string, list<string>> $lists */
        static $lists = [];
        $words = self::kept()[$name] ?? '';

        return $lists[$name] ??= is_string($words) ? explode(' ', $words) : [];
    }

    /** @return array<string, string> */
    private static function map(string $name): array
    {
        $map = self::kept()[$name] ?? [];

        $typed = [];
        foreach (is_array($map) ? $map : [] as $sign => $means) {
            if (is_string($means)) {
                $typed[(string) $sign] = $means;
            }
        }

        return $typed;
    }

    /** @return list<string> materials that say more than this one */
    private static function closer(string $material): array
    {
        $vaguer = self::kept()['vaguer'] ?? [];

        $closer = is_array($vaguer) ? $vaguer[$material] ?? [] : [];

        return is_array($closer) ? array_values(array_filter($closer, is_string(...))) : [];
    }

    /** @return array<string, mixed> */
    private static function kept(): array
    {
        /** @var array<string, mixed> $kept */
        static $kept = [];
        if ($kept === []) {
            /** @var array<string, mixed> $read */
            $read = require __DIR__.'/goods-words.php';
            $kept = $read;
        }

        return $kept;
    }
}
