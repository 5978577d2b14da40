<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

/** One setting of a section, as the editor asks for it. */
final readonly class Field
{
    /**
     * @param  string  $type  line, text, choice, listing (one listing in the window, or none) or listings
     * @param  array<array-key, string>  $choices  value → label
     */
    private function __construct(public string $name, public string $label, public string $type, public int $most, public array $choices, public mixed $default)
    {
    }

    public static function line(string $name, string $label, int $most, string $default = ''): self
    {
        return new self($name, $label, 'line', $most, [], $default);
    }

    public static function text(string $name, string $label, int $most, string $default = ''): self
    {
        return new self($name, $label, 'text', $most, [], $default);
    }

    /** @param  array<array-key, string>  $choices */
    public static function choice(string $name, string $label, array $choices, string $default): self
    {
        return new self($name, $label, 'choice', 0, $choices, $default);
    }

    public static function listing(string $name, string $label): self
    {
        return new self($name, $label, 'listing', 1, [], null);
    }

    public static function listings(string $name, string $label, int $most): self
    {
        return new self($name, $label, 'listings', $most, [], []);
    }

    /** What was typed, made to fit: too long or of the wrong type is refused, never cut in silence. */
    public function clean(mixed $typed): mixed
    {
        return match ($this->type) {
            'choice' => is_string($typed) && isset($this->choices[$typed]) ? $typed : $this->default,
            'listing' => is_numeric($typed) ? (int) $typed : null,
            'listings' => is_array($typed) ? array_slice(array_values(array_unique(array_map(intval(...), array_filter($typed, is_numeric(...))))), 0, $this->most) : [],
            default => $this->words($typed),
        };
    }

    private function words(mixed $typed): string
    {
        $words = is_string($typed) ? trim($typed) : ($typed === null ? '' : $this->default);
        if (mb_strlen($words) > $this->most) {
            throw new \WindowStall\Support\Refusal(sprintf('“%s” has %d letters; %d is the most.', $this->label, mb_strlen($words), $this->most));
        }

        return $words;
    }
}
