<?php

declare(strict_types=1);

namespace WindowStall\Window\Languages;

use WindowStall\Bench\Writing\WritingHelp;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Words\PhraseRoom;
use WindowStall\Support\Refusal;

/**
 * Has the writing help say the seller's words in another language. What comes back is held against what was asked: numbers,
 * addresses and tags have to be the same, or it isn't taken. Shoppers don't read a draft until somebody has looked at it.
 */
final readonly class DraftPhrases
{
    private const TASK = <<<'TEXT'
        You translate for a small shop. You are given phrases as JSON and the languages from and to, by ISO 639-1. Say each
        phrase in the other language as a shopkeeper there would, in the same order. Keep HTML tags, numbers, addresses and
        names of people and shops as they are. Where you can't say one, answer with an empty string for it.
        TEXT;

    private const SCHEMA = [
        'type' => 'object',
        'properties' => ['said' => ['type' => 'array', 'items' => ['type' => 'string']]],
        'required' => ['said'],
        'additionalProperties' => false,
    ];

    public function __construct(private WritingHelp $help, private SayPhrases $say)
    {
    }

    /**
     * @param  list<string>  $phrases
     * @return int how many were drafted
     *
     * @throws Refusal when the service is away, or none of it can be taken
     */
    public function __invoke(Stall $stall, string $language, PhraseRoom $room, array $phrases): int
    {
        $answer = $this->help->ask(
            self::TASK,
            ['from' => $stall->language, 'to' => $language, 'phrases' => $phrases],
            self::SCHEMA,
        );
        $said = is_array($answer) && is_array($answer['said'] ?? null) ? array_values($answer['said']) : [];
        $words = [];
        foreach (count($said) === count($phrases) ? $phrases : [] as $n => $phrase) {
            $one = is_string($said[$n]) ? trim($said[$n]) : '';
            if ($one !== '' && self::fits($phrase, $one)) {
                $words[] = ['phrase' => $phrase, 'said' => $one];
            }
        }
        if ($words === []) {
            throw new Refusal('The writing help has no draft of these that can be used. Write them yourself.');
        }
        ($this->say)($stall, $language, $room, $words, drafted: true);

        return count($words);
    }

    /** Whether it says the same numbers, addresses and tags, and is about as long. */
    public static function fits(string $phrase, string $said): bool
    {
        return self::kept('/\d+(?:[.,]\d+)*/', $phrase) === self::kept('/\d+(?:[.,]\d+)*/', $said)
            && self::kept('~\S+@\S+|https?://\S+~u', $phrase) === self::kept('~\S+@\S+|https?://\S+~u', $said)
            && self::kept('~</?[a-z][a-z0-9]*~i', $phrase) === self::kept('~</?[a-z][a-z0-9]*~i', $said)
            && mb_strlen($said) <= 3 * mb_strlen($phrase) + 20;
    }

    /** @return list<string> in any order */
    private static function kept(string $pattern, string $text): array
    {
        preg_match_all($pattern, $text, $found);
        // A decimal sign is the language's.
        $kept = array_map(static fn (string $one): string => str_replace(',', '.', mb_strtolower($one)), $found[0]);
        sort($kept);

        return $kept;
    }
}
