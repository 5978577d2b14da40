<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Lettering;

use WindowStall\Core\Look\FaceCut;

/**
 * Words to be printed: lines of one typeface in one colour. Drawn on a sheet that surely holds them; whoever turns them into
 * outlines cuts it down.
 *
 * @phpstan-type SaidLettering array{words: string, face: string, colour: string, align: string}
 */
final readonly class Lettering
{
    public const MOST_LINES = 8;

    public const MOST_LETTERS = 40;

    /** Units of the drawing that letters are high. */
    private const SIZE = 200;

    /** From line to line. */
    private const LEADING = 230;

    /** No letter of the shipped typefaces is wider. */
    private const WIDEST = 260;

    /** What the shipped typefaces are cut down to (resources/shop/faces/make.mjs). */
    private const LETTERS = '/^[\x{20}-\x{7e}\x{a0}-\x{ff}ŒœŸ–—‘’‚“”„•…′″‹›€™−×]*$/Du';

    private const ANCHORS = ['left' => 'start', 'middle' => 'middle', 'right' => 'end'];

    /** @param  non-empty-list<string>  $lines */
    private function __construct(
        public array $lines,
        public FaceCut $cut,
        public string $colour,
        public string $align,
    ) {
    }

    /**
     * @param  string  $words  lines apart by line breaks
     * @param  string  $colour  "#23304f"
     * @param  string  $align  "left", "middle" or "right"
     *
     * @throws LetteringUnreadable
     */
    public static function read(string $words, string $face, string $colour, string $align): self
    {
        $lines = array_map(
            static fn (string $line): string => trim((string) preg_replace('/\h+/u', ' ', $line)),
            preg_split('/\R/u', trim($words)) ?: [''],
        );
        if (implode('', $lines) === '') {
            throw new LetteringUnreadable('Write some words first.');
        }
        if (count($lines) > self::MOST_LINES) {
            throw new LetteringUnreadable(sprintf('At most %d lines are printed as one piece.', self::MOST_LINES));
        }
        foreach ($lines as $line) {
            if (mb_strlen($line) > self::MOST_LETTERS) {
                throw new LetteringUnreadable(sprintf('A line holds %d letters at most. Break it in two.', self::MOST_LETTERS));
            }
            if (preg_match(self::LETTERS, $line) !== 1) {
                throw new LetteringUnreadable(sprintf('“%s” isn’t in this typeface. Leave it out.', self::unknown($line)));
            }
        }
        $cut = self::cuts()[$face] ?? throw new LetteringUnreadable('There is no such typeface.');
        if (preg_match('/^#[0-9a-f]{6}$/D', $colour) !== 1 || ! isset(self::ANCHORS[$align])) {
            throw new LetteringUnreadable('Choose a colour, and how the lines stand.');
        }

        return new self($lines, $cut, $colour, $align);
    }

    /** @return array<string, FaceCut> by its face: of those that names are set in, the middle weight */
    public static function cuts(): array
    {
        $by = [];
        foreach (FaceCut::all() as $cut) {
            if (is_int($cut->weight)) {
                $by[$cut->face->value][$cut->weight] = $cut;
            }
        }
        $middle = [];
        foreach ($by as $face => $cuts) {
            ksort($cuts);
            $middle[$face] = array_values($cuts)[intdiv(count($cuts), 2)];
        }

        return $middle;
    }

    /** @return array<string, string> face → as people call it */
    public static function faces(): array
    {
        return array_map(static fn (FaceCut $cut): string => $cut->face->words(), self::cuts());
    }

    public function width(): int
    {
        return self::WIDEST * (1 + max(array_map(mb_strlen(...), $this->lines)));
    }

    public function height(): int
    {
        return self::LEADING * (1 + count($this->lines));
    }

    /** An SVG drawing whose text is drawn in the only typeface there is. */
    public function svg(): string
    {
        $x = ['left' => self::WIDEST, 'middle' => intdiv($this->width(), 2), 'right' => $this->width() - self::WIDEST][$this->align];
        $text = '';
        foreach ($this->lines as $n => $line) {
            $text .= sprintf('<text x="%d" y="%d">%s</text>', $x, self::LEADING * ($n + 1), htmlspecialchars($line, ENT_XML1));
        }

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%d" height="%d" viewBox="0 0 %1$d %2$d">'.
                '<g font-family="own" font-size="%d" fill="%s" text-anchor="%s">%s</g></svg>',
            $this->width(),
            $this->height(),
            self::SIZE,
            $this->colour,
            self::ANCHORS[$this->align],
            $text,
        );
    }

    /** @return SaidLettering */
    public function toArray(): array
    {
        return [
            'words' => implode("\n", $this->lines),
            'face' => $this->cut->face->value,
            'colour' => $this->colour,
            'align' => $this->align,
        ];
    }

    private static function unknown(string $line): string
    {
        foreach (mb_str_split($line) as $letter) {
            if (preg_match(self::LETTERS, $letter) !== 1) {
                return $letter;
            }
        }

        return $line;
    }
}
