<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

/** The text of one record of JSON, decoded within bounds. */
final class JsonText
{
    /** Lists and objects that one record may hold; thousands of variants need fewer. */
    private const MOST_BRACKETS = 50_000;

    private const MOST_VALUES = 400_000;

    private const DEPTH = 32;

    /** A text, or a number; what stands in a text is no number. */
    private const NUMBER = '/"[^"\\\\]*+(?:\\\\.[^"\\\\]*+)*+"(*SKIP)(*FAIL)|-?\d+(?:\.\d+)?(?:[eE][+-]?\d+)?/s';

    /**
     * @param  bool  $asWritten  numbers as the words they are written in: 1.10 stays 1.10, and 1e5 isn't 100000
     * @return array<mixed>|null null where it is no list or object, or isn't right JSON
     *
     * @throws FeedTrouble where it holds more than a record of goods does
     */
    public static function decode(string $json, bool $asWritten = false): ?array
    {
        self::refuseTooMany(substr_count($json, '{') + substr_count($json, '['));
        if (substr_count($json, ',') > self::MOST_VALUES) {
            throw self::tooMuch();
        }
        $text = $asWritten ? preg_replace(self::NUMBER, '"$0"', $json) : $json;
        $said = $text === null ? null : json_decode($text, true, self::DEPTH, JSON_BIGINT_AS_STRING);

        return is_array($said) ? $said : null;
    }

    /** @throws FeedTrouble where so many lists and objects are more than a record of goods has */
    public static function refuseTooMany(int $brackets): void
    {
        if ($brackets > self::MOST_BRACKETS) {
            throw self::tooMuch();
        }
    }

    private static function tooMuch(): FeedTrouble
    {
        return FeedTrouble::because(
            'A record of the JSON holds more lists and values than goods have. The file wasn’t read.',
        );
    }
}
