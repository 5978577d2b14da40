<?php

declare(strict_types=1);

namespace WindowStall\Core\Window;

/**
 * What was measured on a phone's page as it is shown (resources/shop/measure), in CSS pixels from its top. Read with
 * care: it comes from a browser, and what isn't there or isn't a number is as if it hadn't been measured.
 */
final readonly class Measured
{
    /** Nothing on a page is longer than this, and nobody sends more of a kind. */
    private const MOST = 200;

    /**
     * @param  array<string, array{top: int, height: int}>  $sections  by id
     * @param  list<array{id: string, top: int, height: int}>  $goods
     * @param  list<array{id: string, words: string, width: int, height: int}>  $taps
     * @param  list<array{id: string, words: string}>  $dead
     * @param  list<array{id: string}>  $unsaid  pictures that say nothing to whoever can't see them
     * @param  list<array{id: string, words: string, colour: string, under: list<string>}>  $overPictures
     * @param  array<string, int>  $pictureBytes  by section, the heaviest first
     * @param  array{page: int, pictures: int, typefaces: int, styles: int}  $bytes
     */
    private function __construct(
        public int $height,
        public array $sections,
        public array $goods,
        public array $taps,
        public array $dead,
        public array $unsaid,
        public array $overPictures,
        public array $pictureBytes,
        public array $bytes,
    ) {
    }

    /** @param  array<mixed>  $said  as the page tells it */
    public static function read(array $said): self
    {
        $sections = [];
        foreach (self::rows($said, 'sections') as $row) {
            $sections[self::text($row, 'id')] = self::span($row);
        }
        $place = static fn (array $row): array => ['id' => self::text($row, 'id')];
        $words = static fn (array $row): array => $place($row) + ['words' => self::text($row, 'words')];
        $bytes = is_array($said['bytes'] ?? null) ? $said['bytes'] : [];
        $unsaid = array_filter(
            self::rows($said, 'pictures'),
            static fn (array $row): bool => ($row['alt'] ?? true) === false && ($row['says'] ?? false) === true,
        );

        return new self(
            height: self::number($said, 'height'),
            sections: $sections,
            goods: array_map(
                static fn (array $row): array => $place($row) + self::span($row),
                self::rows($said, 'goods'),
            ),
            taps: array_map(
                static fn (array $row): array => $words($row) + [
                    'width' => self::number($row, 'width'),
                    'height' => self::number($row, 'height'),
                ],
                self::rows($said, 'taps'),
            ),
            dead: array_map($words, self::rows($said, 'dead')),
            unsaid: array_values(array_map($place, $unsaid)),
            overPictures: array_map(
                static fn (array $row): array => $words($row) + [
                    'colour' => self::text($row, 'colour'),
                    'under' => self::colours($row['under'] ?? null),
                ],
                self::rows($said, 'overPictures'),
            ),
            pictureBytes: self::pictureBytes($said),
            bytes: [
                'page' => self::number($bytes, 'page'),
                'pictures' => self::number($bytes, 'pictures'),
                'typefaces' => self::number($bytes, 'typefaces'),
                'styles' => self::number($bytes, 'styles'),
            ],
        );
    }

    /** What a page weighs on the line, in bytes. */
    public function weight(): int
    {
        return array_sum($this->bytes);
    }

    /**
     * @param  array<mixed>  $said
     * @return array<string, int>
     */
    private static function pictureBytes(array $said): array
    {
        $sum = [];
        foreach (self::rows($said, 'pictures') as $row) {
            $id = self::text($row, 'id');
            $sum[$id] = ($sum[$id] ?? 0) + self::number($row, 'bytes');
        }
        arsort($sum);

        return $sum;
    }

    /**
     * @param  array<mixed>  $said
     * @return list<array<mixed>>
     */
    private static function rows(array $said, string $name): array
    {
        $rows = is_array($said[$name] ?? null) ? $said[$name] : [];

        return array_slice(array_values(array_filter($rows, is_array(...))), 0, self::MOST);
    }

    /**
     * @param  array<mixed>  $row
     * @return array{top: int, height: int}
     */
    private static function span(array $row): array
    {
        return ['top' => self::number($row, 'top'), 'height' => self::number($row, 'height')];
    }

    /** @param  array<mixed>  $row */
    private static function number(array $row, string $name): int
    {
        $value = $row[$name] ?? 0;

        return is_int($value) || is_float($value) ? (int) max(0, min(10_000_000, $value)) : 0;
    }

    /** @param  array<mixed>  $row */
    private static function text(array $row, string $name): string
    {
        return is_string($row[$name] ?? null) ? mb_substr($row[$name], 0, 80) : '';
    }

    /** @return list<string> #rrggbb */
    private static function colours(mixed $said): array
    {
        $colours = is_array($said) ? array_filter($said, is_string(...)) : [];
        $colours = array_filter($colours, static fn (string $c): bool => preg_match('/^#[0-9a-f]{6}$/D', $c) === 1);

        return array_slice(array_values($colours), 0, self::MOST);
    }
}
