<?php

declare(strict_types=1);

namespace WindowStall\Standins\Writer;

/**
 * Drafts of a title, a description and a search text, in one of three manners. Each fact stands in its place in a
 * sentence; where nothing is known, nothing is said.
 *
 * @phpstan-type Facts array{
 *     name: string, own?: bool, materials?: list<string>, parts?: list<string>, measures?: list<string>,
 *     features?: list<string>, options?: array<string, list<string>>, posted_from?: string|null, days?: string|null,
 * }
 */
final class Drafts
{
    /** How a material stands before a name, where it isn't said as it is. */
    private const ADJECTIVES = ['wood' => 'wooden', 'wool' => 'woollen'];

    /** What is had by length, without "a" before it. */
    private const UNCOUNTED = 'netting|twine|string|rope|line|cloth|paper|wrap';

    /** Features that a list of them says, and what says nothing of the thing as a whole. */
    private const FACTS = ['materials', 'parts', 'measures', 'features', 'options', 'posted_from', 'days'];

    /** @var array<string, true> */
    private array $used = ['name' => true];

    /** @param  Facts  $facts */
    public function __construct(private readonly array $facts, private readonly string $manner)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $draft = [
            'title' => $this->title(),
            'words' => $this->words(),
            'search_title' => mb_strimwidth($this->title(), 0, 60, '…'),
            'search_words' => $this->searchWords(),
            'alt' => $this->title(),
        ];

        return $draft + [
            'used' => array_keys($this->used),
            'missing' => array_values(array_filter(self::FACTS, fn (string $f): bool => ($this->facts[$f] ?? []) === []
                || ($this->facts[$f] ?? null) === null)),
        ];
    }

    /** What the seller called it stands; else its material before its name. */
    private function title(): string
    {
        $name = trim($this->facts['name']);
        $materials = $this->list('materials');
        $known = array_filter($materials, fn (string $m): bool => $this->says($name, $m));
        if (($this->facts['own'] ?? false) || $this->manner === 'brisk' || $known !== [] || count($materials) !== 1) {
            return $name;
        }
        $this->used['materials'] = true;
        $material = self::ADJECTIVES[$materials[0]] ?? $materials[0];

        return self::capital($material).' '.self::small($name);
    }

    private function words(): string
    {
        $about = match ($this->manner) {
            'warm' => $this->warm(),
            'brisk' => $this->brisk(),
            default => $this->plain(),
        };
        $list = [];
        foreach ($this->options() as $name => $values) {
            $this->used['options'] = true;
            $list[] = e($name).': '.e(self::joined($values));
        }
        $posted = $this->posted();
        if ($posted !== null) {
            $list[] = e($posted);
        }

        return ($about === '' ? '' : '<p>'.e($about).'</p>').
            ($list === [] ? '' : '<ul><li>'.implode('</li><li>', $list).'</li></ul>');
    }

    /** "A hand trowel of stainless steel with a wooden handle. It is light." */
    private function plain(): string
    {
        $made = $this->made(' of ', ' with ').$this->measured();

        return $made === ''
            ? $this->featured($this->this())
            : trim($this->withArticle().$made.'. '.$this->featured($this->plural() ? 'They' : 'It'));
    }

    /** "This hand trowel is made of stainless steel and has a wooden handle. …" */
    private function warm(): string
    {
        $plural = $this->plural();
        $made = $this->made($plural ? ' are made of ' : ' is made of ', $plural ? ' have ' : ' has ', ' and');
        $made .= $made === '' ? '' : $this->measured();

        return $made === ''
            ? $this->featured($this->this())
            : trim($this->this().$made.'. '.$this->featured($plural ? 'They' : 'It'));
    }

    /** "Stainless steel, a wooden handle. Light." */
    private function brisk(): string
    {
        $said = [...$this->taken('materials'), ...$this->taken('parts'), ...$this->taken('measures')];
        $features = $this->taken('features');

        return implode(' ', array_map(
            static fn (array $some): string => self::capital(implode(', ', $some)).'.',
            array_filter([$said, $features]),
        ));
    }

    private function made(string $of, string $with, string $and = ''): string
    {
        $materials = $this->taken('materials');
        $parts = $this->taken('parts');
        $made = $materials === [] ? '' : $of.self::joined($materials);

        return $made.($parts === [] ? '' : ($made === '' ? '' : $and).$with.self::joined($parts));
    }

    private function measured(): string
    {
        $measures = $this->taken('measures');

        return $measures === [] ? '' : ', '.implode(', ', $measures);
    }

    private function featured(string $subject): string
    {
        $features = $this->taken('features');

        return $features === [] ? '' : $subject.($this->plural() ? ' are ' : ' is ').self::joined($features).'.';
    }

    private function this(): string
    {
        return ($this->plural() ? 'These ' : 'This ').self::small($this->subject());
    }

    private function searchWords(): string
    {
        $made = $this->made(' of ', ' with ');
        $parts = [self::capital($this->subject()).$made.'.'];
        foreach ($this->options() as $name => $values) {
            $parts[] = $name.': '.self::joined(array_slice($values, 0, 4)).'.';
        }
        $posted = $this->posted();

        return mb_strimwidth(implode(' ', $parts).($posted === null ? '' : ' '.$posted.'.'), 0, 155, '…');
    }

    private function posted(): ?string
    {
        $from = $this->facts['posted_from'] ?? null;
        $days = $this->facts['days'] ?? null;
        if (! is_string($from) || ! is_string($days)) {
            return null;
        }
        $this->used['posted_from'] = $this->used['days'] = true;

        return 'Posted from '.$from.', with you in '.$days;
    }

    /** What it is in a sentence: its name up to what a comma, "of" or "with" adds. */
    private function subject(): string
    {
        return trim((string) preg_replace('/(,| of | with | in | for ).*$/iu', '', trim($this->facts['name'])));
    }

    private function withArticle(): string
    {
        $subject = $this->subject();
        if ($this->plural() || preg_match('/\b('.self::UNCOUNTED.')$/i', $subject) === 1) {
            return self::capital($subject);
        }

        return (preg_match('/^[aeiou]/i', $subject) === 1 ? 'An ' : 'A ').self::small($subject);
    }

    private function plural(): bool
    {
        return preg_match('/[^s]s$/iu', $this->subject()) === 1;
    }

    private function says(string $name, string $material): bool
    {
        $adjective = self::ADJECTIVES[$material] ?? $material;

        return preg_match('/\b(?:'.preg_quote($material, '/').'|'.preg_quote($adjective, '/').')\b/iu', $name) === 1;
    }

    /** @return list<string> what is said now, unless the name says it already */
    private function taken(string $fact): array
    {
        $values = array_values(array_filter(
            $this->list($fact),
            fn (string $v): bool => $fact !== 'materials' || ! $this->says($this->subject(), $v),
        ));
        if ($values !== []) {
            $this->used[$fact] = true;
        }

        return $values;
    }

    /** @return array<string, list<string>> */
    private function options(): array
    {
        return array_filter($this->facts['options'] ?? [], static fn (array $values): bool => $values !== []);
    }

    /** @return list<string> */
    private function list(string $fact): array
    {
        $values = $this->facts[$fact] ?? [];

        return is_array($values) ? array_values(array_filter($values, is_string(...))) : [];
    }

    /** @param  list<string>  $values */
    private static function joined(array $values): string
    {
        // Where a comma stands within one of them, another sign parts them.
        if (str_contains(implode('', $values), ',')) {
            return implode('; ', $values);
        }
        $last = array_pop($values);

        return $values === [] ? (string) $last : implode(', ', $values).' and '.$last;
    }

    private static function capital(string $text): string
    {
        return mb_strtoupper(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }

    /** In small letters at its beginning, unless it is a name or a sign. */
    private static function small(string $text): string
    {
        return preg_match('/^\p{Lu}\p{Ll}/u', $text) === 1 ? mb_strtolower(mb_substr($text, 0, 1)).mb_substr($text, 1) : $text;
    }
}
