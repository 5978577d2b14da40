<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Stall\Clock;
use WindowStall\Support\Refusal;
use WindowStall\Window\Sections\SectionField;
use WindowStall\Window\Sections\ShownPeriod;

/** When and where a section shows. */
final readonly class Showing
{
    /** To whom: everybody, or halves that shoppers are sent to by a coin. */
    public const HALVES = ['' => '', 'first' => 'to one half', 'second' => 'to the other half'];

    public const ON = ['both' => 'everywhere', 'phone' => 'on phones only', 'wide' => 'on wide screens only'];

    /**
     * @param  string  $on  one of {@see self::ON}
     * @param  string  $from  the first day it shows, or empty
     * @param  string  $until  the last, or empty
     * @param  string  $half  one of {@see self::HALVES}
     */
    private function __construct(
        public bool $hidden,
        public string $on,
        public string $from,
        public string $until,
        public string $half,
    ) {
    }

    /**
     * @param  mixed  $said  as {@see self::toArray()} gives it
     *
     * @throws Refusal for days that aren't, or end before they begin
     */
    public static function from(mixed $said): self
    {
        $said = is_array($said) ? $said : [];
        $from = (string) SectionField::date('from', 'From')->clean($said['from'] ?? '');
        $until = (string) SectionField::date('until', 'Until')->clean($said['until'] ?? '');
        if ($from !== '' && $until !== '' && $until < $from) {
            throw new Refusal('A section can’t end before it begins.');
        }
        $on = is_string($said['on'] ?? null) && isset(self::ON[$said['on']]) ? $said['on'] : 'both';
        $half = is_string($said['half'] ?? null) && isset(self::HALVES[$said['half']]) ? $said['half'] : '';

        return new self(($said['hidden'] ?? false) === true, $on, $from, $until, $half);
    }

    /** What was stored; what can't be taken any more is as if it had never been said. */
    public static function restore(mixed $saved): self
    {
        try {
            return self::from($saved);
        } catch (Refusal) {
            return self::from([]);
        }
    }

    /** @return array{hidden: bool, on: string, from: string, until: string, half?: string} */
    public function toArray(): array
    {
        return ['hidden' => $this->hidden, 'on' => $this->on, 'from' => $this->from, 'until' => $this->until]
            + ($this->half === '' ? [] : ['half' => $this->half]);
    }

    /** Whether shoppers see it today, on some screen. */
    public function now(): bool
    {
        return ! $this->hidden && ShownPeriod::within($this->from, $this->until);
    }

    /** Why they don't, or on what they do; empty where there is nothing to say. */
    public function words(): string
    {
        return match (true) {
            $this->hidden => 'hidden',
            ! $this->now() && $this->from > Clock::here()->today() => 'shows from '.$this->from,
            ! $this->now() => 'was shown until '.$this->until,
            $this->half !== '' => self::HALVES[$this->half],
            $this->until !== '' => 'shows until '.$this->until,
            $this->on !== 'both' => self::ON[$this->on],
            default => '',
        };
    }
}
