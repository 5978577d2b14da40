<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Core\Window\Merged;
use WindowStall\Window\Written\WrittenPage;

/** What a saving came to: what the person had before them, what stands now, and what of others was met on the way. */
final readonly class SavedCopy
{
    /** @param  list<string>  $others  names of whoever saved meanwhile */
    public function __construct(
        public Window|WrittenPage $copy,
        public Content $before,
        public Content $after,
        public ?Merged $merged = null,
        public array $others = [],
    ) {
    }

    /** What is said to the person, or null where nothing of anybody else's was met. */
    public function meeting(): ?string
    {
        if ($this->merged === null || $this->others === []) {
            return null;
        }
        $who = implode(' and ', $this->others);
        $given = array_map($this->called(...), $this->merged->given);
        $came = array_map($this->called(...), $this->merged->came);
        $words =
            $came === []
                ? $who.' has saved meanwhile.'
                : $who.' changed '.self::list($came).' meanwhile; it is in your page now.';

        return $given === [] ? $words : $words.' You both changed '.self::list($given).': yours stands.';
    }

    private function called(string $id): string
    {
        return match ($id) {
            'look' => 'the look',
            'order' => 'the order',
            default => 'the '.
                mb_strtolower(
                    ($this->after->section($id) ?? $this->before->section($id))?->kind->label() ?? 'section',
                ),
        };
    }

    /** @param  list<string>  $words */
    private static function list(array $words): string
    {
        $words = array_values(array_unique($words));
        $last = array_pop($words);

        return $words === [] ? (string) $last : implode(', ', $words).' and '.$last;
    }
}
