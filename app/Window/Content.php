<?php

declare(strict_types=1);

namespace WindowStall\Window;

use Illuminate\Support\Carbon;
use WindowStall\Core\Window\SavedWindow;
use WindowStall\Stall\Words\Phrases;
use WindowStall\Support\Refusal;
use WindowStall\Support\RichText;
use WindowStall\Window\Sections\SectionKind;
use WindowStall\Window\Sections\SectionKinds;
use WindowStall\Window\Sections\ShownPeriod;

/** A page whole: the look it wears, and its sections in order. Always checked when it is read. */
final readonly class Content
{
    public const MOST_SECTIONS = 30;

    /**
     * @param  list<Section>  $sections
     * @param  list<string>  $skipped  kinds that the saved window has and the program doesn't any more
     */
    private function __construct(
        public Plan $plan,
        public Look $look,
        public array $sections,
        public array $skipped = [],
    ) {
    }

    /** @param  list<Section>  $sections */
    public static function of(Look $look, array $sections, Plan $plan = Plan::Front): self
    {
        return self::from([
            'look' => $look->toArray(),
            'sections' => array_map(static fn (Section $s): array => $s->toArray(), $sections),
        ], $plan);
    }

    /**
     * What somebody typed.
     *
     * @param  array<mixed>  $said
     *
     * @throws Refusal with the field that is wrong
     */
    public static function from(array $said, Plan $plan = Plan::Front): self
    {
        return self::read(
            $plan,
            ['format' => SavedWindow::FORMAT] + $said,
            Look::from(is_array($said['look'] ?? null) ? $said['look'] : []),
            static fn (string $kind): SectionKind => SectionKinds::get($kind, $plan),
            static fn (SectionKind $kind, array $settings): array => $kind->clean($settings),
            Showing::from(...),
        );
    }

    /**
     * The sections of a written page as somebody laid them. It has no look of its own: it wears the window's.
     *
     * @param  array<mixed>  $sections
     *
     * @throws Refusal
     */
    public static function page(array $sections, Plan $plan = Plan::Page): self
    {
        return self::from(['look' => Look::restore([])->toArray(), 'sections' => $sections], $plan);
    }

    /**
     * What was stored, perhaps by an earlier program: brought to today's format; kinds that are gone are left out and
     * named, and what can't be taken any more is as if it had never been said. It never fails: a shop stands on it.
     *
     * @param  array<mixed>  $saved
     */
    public static function saved(array $saved, Plan $plan = Plan::Front): self
    {
        $saved = SavedWindow::upgrade($saved);

        return self::read(
            $plan,
            $saved,
            Look::restore(is_array($saved['look'] ?? null) ? $saved['look'] : []),
            static fn (string $kind): ?SectionKind => SectionKinds::find($kind, $plan),
            static fn (SectionKind $kind, array $settings): array => $kind->restore($settings),
            Showing::restore(...),
        );
    }

    /**
     * @return array{
     *     format: int, look: array<string, mixed>,
     *     sections: list<array{id: string, kind: string, settings: array<string, mixed>, showing: array{hidden: bool,
     * on: string, from: string, until: string, half?: string}}>, }
     */
    public function toArray(): array
    {
        return [
            'format' => SavedWindow::FORMAT,
            'look' => $this->look->toArray(),
            'sections' => array_map(static fn (Section $s): array => $s->toArray(), $this->sections),
        ];
    }

    /** The same sections in another look. */
    public function wearing(Look $look): self
    {
        return new self($this->plan, $look, $this->sections, $this->skipped);
    }

    /** The same in the words of another language, as far as the seller said them in it. */
    public function saying(Phrases $phrases): self
    {
        $words = array_map(PageWords::whole(...), $this->sections);
        $phrases->prime(...array_column(array_merge(...$words), 'words'));
        $sections = [];
        foreach ($this->sections as $n => $section) {
            $settings = $section->settings;
            foreach ($words[$n] as $one) {
                $said = $phrases->say($one['words']);
                if ($said === $one['words']) {
                    continue;
                }
                if ($one['row'] === null) {
                    $settings[$one['field']] = $one['html'] ? (new RichText())->clean($said) : $said;
                } elseif (is_array($settings[$one['field']])) {
                    $settings[$one['field']][$one['row']][$one['part']] = $said;
                }
            }
            $sections[] = new Section($section->id, $section->kind, $settings, $section->showing);
        }

        return new self($this->plan, $this->look, $sections, $this->skipped);
    }

    public function section(string $id): ?Section
    {
        foreach ($this->sections as $section) {
            if ($section->id === $id) {
                return $section;
            }
        }

        return null;
    }

    /** When what shoppers see changes next by the calendar alone, or null. */
    public function turns(): ?Carbon
    {
        $spans = array_map(static fn (Section $s): array => [$s->showing->from, $s->showing->until], $this->sections);
        foreach ($this->sections as $section) {
            foreach (
                is_array($section->settings['messages'] ?? null) ? $section->settings['messages'] : [] as $message
            ) {
                $spans[] = [(string) $message['from'], (string) $message['until']];
            }
        }

        return ShownPeriod::next($spans);
    }

    /**
     * @param  array<mixed>  $said
     * @param  callable(string): ?SectionKind  $kindOf
     * @param  callable(SectionKind, array<mixed>): array<string, mixed>  $settingsOf
     * @param  callable(mixed): Showing  $showingOf
     */
    private static function read(
        Plan $plan,
        array $said,
        Look $look,
        callable $kindOf,
        callable $settingsOf,
        callable $showingOf,
    ): self {
        $rows = is_array($said['sections'] ?? null) ? array_values($said['sections']) : [];
        if (count($rows) > self::MOST_SECTIONS) {
            throw new Refusal(
                sprintf('A page has %d sections at the most; shoppers don’t see the rest.', self::MOST_SECTIONS),
            );
        }
        $sections = $skipped = [];
        foreach ($rows as $row) {
            $row = is_array($row) ? $row : [];
            $key = is_string($row['kind'] ?? null) ? $row['kind'] : '';
            $kind = $kindOf($key);
            if ($kind === null) {
                $skipped[] = $key;

                continue;
            }
            $id = self::id($row['id'] ?? null, $sections);
            $settings = $settingsOf($kind, is_array($row['settings'] ?? null) ? $row['settings'] : []);
            $sections[$id] = new Section($id, $kind, $settings, $showingOf($row['showing'] ?? null));
        }

        return new self($plan, $look, self::withAlways($plan, array_values($sections)), $skipped);
    }

    /** @param  array<string, Section>  $taken */
    private static function id(mixed $said, array $taken): string
    {
        $id = is_string($said) && preg_match('/^[a-z0-9-]{1,40}$/D', $said) === 1 ? $said : 's'.count($taken);
        for ($n = 2; isset($taken[$id]); $n++) {
            $id = preg_replace('/-x\d+$/', '', $id).'-x'.$n;
        }

        return $id;
    }

    /**
     * What is always there is there once: a second one is left out, a missing one laid where it belongs.
     *
     * @param  list<Section>  $sections
     * @return list<Section>
     */
    private static function withAlways(Plan $plan, array $sections): array
    {
        foreach (SectionKinds::all() as $kind) {
            if (! $kind->always() || ! $plan->holds($kind)) {
                continue;
            }
            $same = static fn (Section $s): bool => $s->kind->key() === $kind->key();
            $there = array_keys(array_filter($sections, $same));
            foreach (array_slice($there, 1) as $n) {
                unset($sections[$n]);
            }
            $sections = array_values($sections);
            if ($there === []) {
                $lead = 0;
                while (isset($sections[$lead]) && $sections[$lead]->kind->rank() < $kind->rank()) {
                    $lead++;
                }
                $missing = new Section($kind->key(), $kind, $kind->clean([]), Showing::from([]));
                array_splice($sections, $lead, 0, [$missing]);
            }
        }

        return array_values($sections);
    }
}
