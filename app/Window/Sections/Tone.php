<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

/** What a section can stand on: tones of the look, so that a change of look needs no visit to it. */
final class Tone
{
    /** @var array<string, string> the stylesheet's tone-… → how it stands in a sentence */
    public const WORDS = [
        'ground' => 'the page’s ground',
        'band' => 'a warm band',
        'soft' => 'the brand, pale',
        'fill' => 'the brand, full',
        'deep' => 'the deep of the brand',
        'second' => 'the second colour',
        'third' => 'the third colour',
    ];
}
