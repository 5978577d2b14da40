<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Support\Refusal;
use WindowStall\Window\Sections\SectionKinds;

/** A window whole: the look, and the sections of the homepage in order. Always checked when it is read. */
final readonly class Content
{
    public const MOST_SECTIONS = 20;

    /** @param  list<Section>  $sections */
    public function __construct(public Look $look, public array $sections)
    {
    }

    /**
     * @param  array<mixed>  $said
     *
     * @throws Refusal with the field that is wrong
     */
    public static function from(array $said): self
    {
        $rows = is_array($said['sections'] ?? null) ? array_values($said['sections']) : [];
        if (count($rows) > self::MOST_SECTIONS) {
            throw new Refusal(sprintf('A homepage has %d sections at the most; shoppers don’t see the rest.', self::MOST_SECTIONS));
        }
        $sections = [];
        foreach ($rows as $row) {
            $kind = SectionKinds::get(is_array($row) && is_string($row['kind'] ?? null) ? $row['kind'] : '');
            $id = is_array($row) && is_string($row['id'] ?? null) && preg_match('/^[a-z0-9-]{1,40}$/D', $row['id']) === 1 ? $row['id'] : 's'.count($sections);
            $sections[] = new Section($id, $kind, $kind->clean(is_array($row) && is_array($row['settings'] ?? null) ? $row['settings'] : []));
        }

        return new self(Look::from(is_array($said['look'] ?? null) ? $said['look'] : []), $sections);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['look' => $this->look->toArray(), 'sections' => array_map(static fn (Section $s): array => ['id' => $s->id, 'kind' => $s->kind->key(), 'settings' => $s->settings], $this->sections)];
    }
}
