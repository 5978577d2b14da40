<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use Illuminate\Support\Carbon;
use WindowStall\Support\Refusal;
use WindowStall\Support\RichText;
use WindowStall\Window\LinkTarget;

/** One part of a section that the seller says: what it is asked as, and what it may be. */
final readonly class SectionField
{
    /**
     * @param  string  $type  line, text, rich (HTML), choice, listing (one in the window, or none), listings, tag, way, picture,
     *     film, amount, date or rows
     * @param  int  $most  letters, things or rows
     * @param  array<array-key, string>  $choices  value → how it stands in the sentence
     * @param  list<self>  $each  what a row is made of
     */
    private function __construct(
        public string $name,
        public string $label,
        public string $type,
        public int $most = 0,
        public array $choices = [],
        public mixed $default = '',
        public array $each = [],
    ) {
    }

    public static function line(string $name, string $label, int $most, string $default = ''): self
    {
        return new self($name, $label, 'line', $most, default: $default);
    }

    public static function text(string $name, string $label, int $most, string $default = ''): self
    {
        return new self($name, $label, 'text', $most, default: $default);
    }

    /** Words with headings, lists, emphasis and links. */
    public static function rich(string $name, string $label): self
    {
        return new self($name, $label, 'rich', RichText::MOST_LETTERS * 2);
    }

    /** @param  array<array-key, string>  $choices */
    public static function choice(string $name, string $label, array $choices, string $default): self
    {
        return new self($name, $label, 'choice', choices: $choices, default: $default);
    }

    public static function listing(string $name, string $label): self
    {
        return new self($name, $label, 'listing', 1, default: null);
    }

    public static function listings(string $name, string $label, int $most): self
    {
        return new self($name, $label, 'listings', $most, default: []);
    }

    public static function tag(string $name, string $label): self
    {
        return new self($name, $label, 'tag', 60);
    }

    /** A shelf, as the way that leads there. */
    public static function shelf(string $name, string $label): self
    {
        return new self($name, $label, 'shelf');
    }

    /** @param  string  $nowhere  what it is where it leads nowhere */
    public static function way(string $name, string $label, string $default = '', string $nowhere = ''): self
    {
        return new self(
            $name,
            $label,
            'way',
            LinkTarget::MOST,
            $nowhere === '' ? [] : ['' => $nowhere],
            default: $default,
        );
    }

    /** One of the stall's own pictures. */
    public static function picture(string $name, string $label): self
    {
        return new self($name, $label, 'picture', default: null);
    }

    /** One of the stall's own films. */
    public static function film(string $name, string $label): self
    {
        return new self($name, $label, 'film', default: null);
    }

    /** In the stall's currency, in digits such as "20.00". */
    public static function amount(string $name, string $label, string $default): self
    {
        return new self($name, $label, 'amount', 12, default: $default);
    }

    public static function date(string $name, string $label): self
    {
        return new self($name, $label, 'date', 10);
    }

    /**
     * @param  list<self>  $each
     * @param  list<array<string, mixed>>  $default
     */
    public static function rows(string $name, string $label, int $most, array $each, array $default = []): self
    {
        return new self($name, $label, 'rows', $most, default: $default, each: $each);
    }

    /**
     * What was typed, made to fit: too long or of the wrong type is refused, never cut in silence.
     *
     * @throws Refusal
     */
    public function clean(mixed $typed): mixed
    {
        return match ($this->type) {
            'choice' => is_string($typed) && isset($this->choices[$typed]) ? $typed : $this->default,
            'listing', 'picture', 'film' => is_numeric($typed) && $typed > 0 && $typed < PHP_INT_MAX
                ? (int) $typed
                : null,
            'listings' => $this->numbers($typed),
            'way' => LinkTarget::from($typed)->said,
            'shelf' => ($way = LinkTarget::from($typed))->kind === 'shelf' ? $way->said : '',
            'amount' => $this->amountTyped($typed),
            'date' => $this->day($typed),
            'rows' => $this->several($typed),
            'rich' => app(RichText::class)->clean($this->words($typed)),
            default => $this->words($typed),
        };
    }

    private function words(mixed $typed): string
    {
        $words = is_string($typed) ? trim($typed) : ($typed === null ? '' : $this->default);
        if (mb_strlen($words) > $this->most) {
            throw new Refusal(
                sprintf('“%s” has %d letters; %d is the most.', $this->label, mb_strlen($words), $this->most),
            );
        }

        return $words;
    }

    /** @return list<int> */
    private function numbers(mixed $typed): array
    {
        $numbers = is_array($typed) ? array_map(intval(...), array_filter($typed, is_numeric(...))) : [];

        return array_slice(array_values(array_unique($numbers)), 0, $this->most);
    }

    private function amountTyped(mixed $typed): string
    {
        $said = is_string($typed) ? trim($typed) : '';
        if (preg_match('/^\d{1,7}([.,]\d{1,3})?$/D', $said) !== 1) {
            throw new Refusal(sprintf('“%s” needs an amount, such as 20.00.', $this->label));
        }

        return str_replace(',', '.', $said);
    }

    private function day(mixed $typed): string
    {
        if (! is_string($typed) || $typed === '') {
            return '';
        }
        if (preg_match('/^\d{4}-\d{2}-\d{2}$/D', $typed) !== 1 || ! Carbon::canBeCreatedFromFormat($typed, 'Y-m-d')) {
            throw new Refusal(sprintf('“%s” needs a day, such as 2027-03-01.', $this->label));
        }

        return $typed;
    }

    /** @return list<array<string, mixed>> */
    private function several(mixed $typed): array
    {
        $rows = is_array($typed) ? array_values(array_filter($typed, is_array(...))) : $this->default;
        if (count($rows) > $this->most) {
            throw new Refusal(sprintf('“%s” holds %d at the most.', $this->label, $this->most));
        }
        $clean = [];
        foreach ($rows as $row) {
            $cells = [];
            foreach ($this->each as $field) {
                $cells[$field->name] = $field->clean($row[$field->name] ?? $field->default);
            }
            $clean[] = $cells;
        }

        return $clean;
    }
}
