<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/**
 * A look said in a sentence, read by rules of our own (look-words.php): what was understood, and three looks to
 * choose from.
 */
final readonly class SaidLook
{
    public const LOOKS = 3;

    /** Words that decide nothing and aren't missed. */
    private const SMALL = [
        'a',
        'an',
        'and',
        'the',
        'of',
        'with',
        'in',
        'very',
        'quite',
        'some',
        'lot',
        'lots',
        'much',
        'more',
        'but',
        'not',
        'too',
        'it',
        'i',
        'want',
        'like',
        'would',
        'should',
        'be',
        'look',
        'looks',
        'looking',
        'feel',
        'feels',
        'shop',
        'my',
        'our',
        'we',
        'is',
        'to',
        'for',
        'as',
        'or',
        'on',
        'type',
        'colours',
        'colors',
        'colour',
        'color',
        'tones',
        'please',
        'make',
        'little',
        'bit',
        'something',
    ];

    /**
     * @param  array<string, string>  $understood  what was said → what it was taken for
     * @param  list<string>  $missed  words that meant nothing to the rules
     * @param  list<array{starter: StarterLook, plan: LookPlan}>  $looks  the likeliest first
     */
    private function __construct(public array $understood, public array $missed, public array $looks)
    {
    }

    public static function read(string $sentence): self
    {
        $left = ' '.(preg_replace('/[^\p{L}\p{N}#-]+/u', ' ', mb_strtolower($sentence)) ?? '').' ';
        [$codes, $left] = self::codes($left);
        [$found, $left] = self::phrases($left);
        if ($codes !== []) {
            // What is given to the letter stands before a name; a name beside its code ("lavender #8b5cf6") only names it.
            $found = $codes + array_filter(
                $found,
                static fn (array $f, string $name): bool => ! isset($f['colour']) || ! self::names($name, $sentence),
                ARRAY_FILTER_USE_BOTH,
            );
        }
        $words = array_filter(
            explode(' ', $left),
            static fn (string $w): bool => $w !== '' && ! in_array($w, self::SMALL, true),
        );

        return new self(
            understood: array_map(self::says(...), $found),
            missed: array_values(array_unique($words)),
            looks: self::looks($found),
        );
    }

    /** @return array{array<string, array{colour: string}>, string} colours as "#8b5cf6" or "#85f", and what is left */
    private static function codes(string $said): array
    {
        preg_match_all('/#(?:[0-9a-f]{6}|[0-9a-f]{3})(?![\p{L}\p{N}])/u', $said, $typed);
        $codes = [];
        foreach ($typed[0] as $code) {
            $whole = strlen($code) === 4 ? (string) preg_replace('/[0-9a-f]/', '$0$0', $code) : $code;
            $codes[$whole] = ['colour' => $whole];
        }

        return [$codes, str_replace($typed[0], ' · ', $said)];
    }

    /** Whether a colour's name stands beside a code: "lavender #8b5cf6", "#8b5cf6 (lavender)", "lavender: #8b5cf6". */
    private static function names(string $name, string $sentence): bool
    {
        $name = preg_quote($name, '/');

        return preg_match("/{$name}[\\s:=(]{1,3}#[0-9a-f]|#[0-9a-f]{3,6}[\\s(=]{1,3}{$name}/iu", $sentence) === 1;
    }

    /**
     * @return array{array<string, array<string, mixed>>, string} what was found, in the order it was said, and what is
     *     left
     */
    private static function phrases(string $said): array
    {
        /** @var array<string, array<string, mixed>> $words */
        $words = require __DIR__.'/look-words.php';
        uksort($words, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        $found = [];
        foreach ($words as $phrase => $decides) {
            $at = strpos($said, ' '.$phrase.' ');
            if ($at !== false) {
                $found[$phrase] = $decides + ['at' => $at];
                $said = str_replace(' '.$phrase.' ', ' '.str_repeat('·', strlen($phrase)).' ', $said);
            }
        }
        uasort($found, static fn (array $a, array $b): int => $a['at'] <=> $b['at']);

        return [$found, str_replace('·', '', $said)];
    }

    /** @param  array<string, mixed>  $decides */
    private static function says(array $decides): string
    {
        return match (true) {
            is_string($decides['says'] ?? null) => $decides['says'],
            is_string($decides['colour'] ?? null) => 'the colour '.$decides['colour'],
            is_string($decides['pair'] ?? null) => mb_strtolower(TypePair::from($decides['pair'])->words()).' type',
            is_string($decides['mood'] ?? null) => 'a ground of '.Mood::from($decides['mood'])->words(),
            is_array($decides['toward'] ?? null) => 'a look such as '.
                StarterLook::from((string) array_key_first($decides['toward']))->words(),
            is_string($decides['weight'] ?? null) => TypeWeight::from($decides['weight'])->words().' headings',
            default => 'said',
        };
    }

    /**
     * @param  array<string, array<string, mixed>>  $found
     * @return list<array{starter: StarterLook, plan: LookPlan}>
     */
    private static function looks(array $found): array
    {
        $scores = array_fill_keys(array_map(static fn (StarterLook $s): string => $s->value, StarterLook::cases()), 0);
        $colours = [];
        $form = [];
        foreach ($found as $decides) {
            foreach (is_array($decides['toward'] ?? null) ? $decides['toward'] : [] as $starter => $weight) {
                $scores[$starter] += is_int($weight) ? $weight : 0;
            }
            if (is_string($decides['colour'] ?? null)) {
                $colours[] = $decides['colour'];
            }
            // What is said first of a decision stands.
            $form += array_intersect_key($decides, LookForm::CHOICES);
        }
        arsort($scores);
        $looks = [];
        foreach (array_slice(array_keys($scores), 0, self::LOOKS) as $n => $key) {
            $starter = StarterLook::from($key);
            $looks[] = ['starter' => $starter, 'plan' => self::plan($starter, $form, $colours, $n)];
        }

        return $looks;
    }

    /**
     * @param  array<string, mixed>  $form  decisions that were said
     * @param  list<string>  $colours
     * @param  int  $n  which of the three it is: each begins with another of the colours said
     */
    private static function plan(StarterLook $starter, array $form, array $colours, int $n): LookPlan
    {
        $own = LookForm::of($starter->plan());
        // Type is what sets the three apart, so only the first is bound to what was said of it, and a flood of grey is
        // none.
        if ($n > 0) {
            unset($form['pair']);
        }
        if ($starter->mood() === Mood::Flood && $colours === []) {
            unset($form['mood']);
        }
        $turned = array_merge(
            array_slice($colours, $n % max(1, count($colours))),
            array_slice($colours, 0, $n % max(1, count($colours))),
        );
        $all = $turned === [] ? $own['colours'] : [...$turned, ...array_slice($own['colours'], count($turned))];

        return LookForm::read(['colours' => array_slice($all, 0, LookPlan::MOST_COLOURS)] + $form + $own);
    }
}
