<?php

declare(strict_types=1);

namespace WindowStall\Core\Window;

use WindowStall\Core\Look\LookForm;
use WindowStall\Core\Look\StarterLook;

/**
 * Windows as they are stored, from the format they were saved in to today's.
 *
 * Format 1 had a starter look with one colour, and a masthead that couldn't be set. Format 2 holds every brand
 * decision by itself, makes the masthead a section, and says of each section when and where it shows.
 */
final class SavedWindow
{
    public const FORMAT = 2;

    /**
     * @param  array<mixed>  $said
     * @return array<mixed> in today's format; what is in it already is given back as it is
     */
    public static function upgrade(array $said): array
    {
        return ($said['format'] ?? 1) === 1 ? self::fromFirst($said) : $said;
    }

    /**
     * @param  array<mixed>  $said
     * @return array<mixed>
     */
    private static function fromFirst(array $said): array
    {
        $look = is_array($said['look'] ?? null) ? $said['look'] : [];
        $starter =
            StarterLook::tryFrom(is_string($look['starter'] ?? null) ? $look['starter'] : '') ??
            StarterLook::SeedPacket;
        $colours = array_map(static fn ($c): string => $c->toHex(), $starter->colours());
        $colours[0] = $look['brand'] ?? $colours[0];
        $sections = array_map(
            self::section(...),
            array_values(is_array($said['sections'] ?? null) ? $said['sections'] : []),
        );
        $lead = 0;
        while (is_array($sections[$lead] ?? null) && ($sections[$lead]['kind'] ?? '') === 'notice') {
            $lead++;
        }
        array_splice($sections, $lead, 0, [['id' => 'masthead', 'kind' => 'masthead', 'settings' => []]]);

        return [
            'format' => self::FORMAT,
            'look' => [
                'name' => $starter->words(),
                'wordmark' => $look['wordmark'] ?? '',
                'logo' => $look['logo'] ?? null,
                'colours' => $colours,
            ] + LookForm::of($starter->plan()),
            'sections' => $sections,
        ];
    }

    private static function section(mixed $section): mixed
    {
        if (! is_array($section) || ! is_array($section['settings'] ?? null)) {
            return $section;
        }
        $settings = $section['settings'];
        if (($section['kind'] ?? '') === 'notice' && is_string($settings['words'] ?? null)) {
            $settings = ['messages' => [['words' => $settings['words']]]];
        }
        if (($section['kind'] ?? '') === 'hero' && is_numeric($settings['listing'] ?? null)) {
            $settings['leads'] = 'goods:'.(int) $settings['listing'];
        }

        return ['settings' => $settings] + $section;
    }
}
