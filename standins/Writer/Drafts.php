<?php

declare(strict_types=1);

namespace WindowStall\Standins\Writer;

/** Drafts of a title, a description, a search text and alt texts. */
final class Drafts
{
    /** @var array<string, true> */
    private array $used = [];

    /**
     * @param  array{
     *     name: string, kind?: string|null, materials?: list<string>|null, sizes?: list<string>|null,
     *     colours?: list<string>|null, uses?: string|null, posted_from?: string|null, days?: string|null,
     * }  $facts
     */
    public function __construct(private readonly array $facts, private readonly string $manner)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $title = $this->title();
        $draft = [
            'title' => $title,
            'words' => $this->words(),
            'search_title' => mb_strimwidth($title, 0, 60, '…'),
            'search_words' => $this->searchWords(),
            'alt' => $this->alt(),
        ];
        $wanted = ['kind', 'materials', 'sizes', 'colours', 'uses', 'posted_from', 'days'];

        return $draft + [
            'used' => array_keys($this->used),
            'missing' => array_values(array_filter($wanted, fn (string $f): bool => ! $this->has($f))),
        ];
    }

    private function title(): string
    {
        $material = $this->first('materials');
        $name = $this->name();
        if (
            $material !== null &&
            ! str_contains(mb_strtolower($name), mb_strtolower($material)) &&
            $this->manner !== 'brisk'
        ) {
            $this->used['materials'] = true;
            $name =
                mb_strtoupper(mb_substr($material, 0, 1)).
                mb_substr(mb_strtolower($material), 1).
                ' '.
                mb_strtolower(mb_substr($name, 0, 1)).
                mb_substr($name, 1);
        }

        return $name;
    }

    private function words(): string
    {
        $lines = [];
        $uses = $this->text('uses');
        $kind = $this->text('kind');
        $lines[] = match ($this->manner) {
            'warm' => sprintf(
                '%s that earns its place on the peg%s.',
                $this->article($this->name()),
                $uses === null ? '' : ': '.$uses,
            ),
            'brisk' => sprintf('%s%s.', $this->name(), $uses === null ? '' : ', '.$uses),
            default => sprintf(
                '%s%s%s.',
                $this->article($this->name()),
                $kind === null ? '' : ' from our '.mb_strtolower($kind),
                $uses === null ? '' : ', '.$uses,
            ),
        };
        $list = [];
        foreach (
            [
                'materials' => 'Made of',
                'sizes' => $this->count('sizes') > 1 ? 'Sizes' : 'Size',
                'colours' => $this->count('colours') > 1 ? 'To be had in' : 'Colour',
            ] as $fact => $heading
        ) {
            $values = $this->list($fact);
            if ($values !== []) {
                $list[] =
                    '<li>'.$heading.($this->manner === 'brisk' ? ': ' : ' ').e($this->joined($values)).'</li>';
            }
        }
        $posted = $this->text('posted_from');
        $days = $this->text('days');
        if ($posted !== null && $days !== null) {
            $list[] = '<li>Posted from '.e($posted).', with you in '.e($days).'</li>';
        }

        return '<p>'.
            implode('</p><p>', array_map(e(...), $lines)).
            '</p>'.
            ($list === [] ? '' : '<ul>'.implode('', $list).'</ul>');
    }

    private function searchWords(): string
    {
        $parts = [$this->name()];
        foreach (['materials' => 'of %s', 'sizes' => 'in %s', 'colours' => 'in %s'] as $fact => $shape) {
            $values = array_slice($this->list($fact), 0, 3);
            if ($values !== []) {
                $parts[] = sprintf($shape, $this->joined($values));
            }
        }
        $posted = $this->text('posted_from');

        return mb_strimwidth(
            implode(' ', $parts).'.'.($posted === null ? '' : ' Posted from '.$posted.'.'),
            0,
            155,
            '…',
        );
    }

    private function alt(): string
    {
        $colour = $this->first('colours');

        return $this->name().($colour === null ? '' : ', '.mb_strtolower($colour));
    }

    private function name(): string
    {
        $this->used['name'] = true;

        return trim($this->facts['name']);
    }

    private function has(string $fact): bool
    {
        return ($this->facts[$fact] ?? null) !== null && $this->facts[$fact] !== '' && $this->facts[$fact] !== [];
    }

    private function text(string $fact): ?string
    {
        if (! $this->has($fact) || ! is_string($this->facts[$fact] ?? null)) {
            return null;
        }
        $this->used[$fact] = true;

        return trim($this->facts[$fact]);
    }

    /** @return list<string> */
    private function list(string $fact): array
    {
        $values = $this->facts[$fact] ?? [];
        if (! is_array($values) || $values === []) {
            return [];
        }
        $this->used[$fact] = true;

        return array_values(array_map(strval(...), $values));
    }

    private function count(string $fact): int
    {
        $values = $this->facts[$fact] ?? [];

        return is_array($values) ? count($values) : 0;
    }

    private function first(string $fact): ?string
    {
        $values = $this->facts[$fact] ?? [];

        return is_array($values) && isset($values[0]) ? (string) $values[0] : null;
    }

    private function article(string $name): string
    {
        return (preg_match('/s$/i', $name) === 1 ? '' : (preg_match('/^[aeiou]/i', $name) === 1 ? 'An ' : 'A ')).
            ($name === ''
                ? ''
                : (preg_match('/s$/i', $name) === 1
                    ? $name
                    : mb_strtolower(mb_substr($name, 0, 1)).mb_substr($name, 1)));
    }

    /** @param  list<string>  $values */
    private function joined(array $values): string
    {
        $values = array_map(mb_strtolower(...), $values);
        $last = array_pop($values);

        return $values === [] ? (string) $last : implode(', ', $values).' and '.$last;
    }
}
