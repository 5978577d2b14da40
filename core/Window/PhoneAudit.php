<?php

declare(strict_types=1);

namespace WindowStall\Core\Window;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Look\Colour;
use WindowStall\Core\Look\Tones;
use WindowStall\Core\Look\Veil;

/** What a shopper on a phone meets: rules over what was measured on the page and what is known of its sections. */
final class PhoneAudit
{
    /** What a phone of 390 × 844 shows at once below its own bars, in CSS pixels. */
    public const SCREEN = 700;

    /** More than this over a slow phone line (1.6 Mbit/s, as Lighthouse simulates it) takes three seconds, in bytes. */
    public const HEAVY = 600_000;

    /** Beyond this many screens hardly anything is met by swiping. */
    public const DEEP = 8;

    /** "3 to 7 days", "between 3 and 11 working days", as people write it. */
    private const SPAN = '/(?:between\s+)?(\d{1,3})\s*(?:to|–|-|and)\s*(\d{1,3})\s+(?:working\s+)?days/iu';

    /** A section of goods this many screens down or less is near. */
    private const NEAR = 1.0;

    /**
     * @param  list<SectionFacts>  $sections  in the order of the page
     * @param  DayRange|null  $days  from the soonest to the latest of what can be bought
     * @param  bool  $sells  whether shoppers come to it for goods, as to a front page, or to read
     * @return list<AuditFinding> in the order of the page, those of the whole page first
     */
    public static function of(Measured $measured, array $sections, ?DayRange $days, bool $sells = true): array
    {
        return [
            ...$sells ? self::firstThingToBuy($measured, $sections) : [],
            ...self::weight($measured, $sections),
            ...self::length($measured, $sections),
            ...array_merge(
                ...array_map(
                    static fn (SectionFacts $s): array => [
                        ...self::leadsNowhere($s),
                        ...self::soldOut($s),
                        ...self::promises($s, $days),
                        ...self::unreadable($s, $measured),
                        ...self::dead($s, $measured),
                        ...self::taps($s, $measured),
                        ...self::unsaid($s, $measured),
                    ],
                    $sections,
                ),
            ),
        ];
    }

    /**
     * The figure beside a section that sells: how far down it is.
     *
     * @param  list<SectionFacts>  $sections
     * @return array<string, string> id → words
     */
    public static function figures(Measured $measured, array $sections): array
    {
        $figures = [];
        $first = $measured->goods[0]['id'] ?? null;
        foreach ($sections as $section) {
            $place = $measured->sections[$section->id] ?? null;
            if (! $section->sells || $place === null) {
                continue;
            }
            $down = $section->id === $first ? 'first thing to buy: ' : '';
            $top = $section->id === $first ? $measured->goods[0]['top'] : $place['top'];
            $figures[$section->id] = match (true) {
                $place['top'] + $place['height'] <= self::SCREEN => ($down ?: 'all ').'in the first screen',
                $top < self::SCREEN => $down.'begins in the first screen',
                default => $down.self::screens($top).' down',
            };
        }

        return $figures;
    }

    /**
     * @param  list<SectionFacts>  $sections
     * @return list<AuditFinding>
     */
    private static function firstThingToBuy(Measured $measured, array $sections): array
    {
        $selling = array_values(
            array_filter(
                $sections,
                static fn (SectionFacts $s): bool => $s->sells && ($measured->sections[$s->id]['height'] ?? 0) > 0,
            ),
        );
        if ($selling === []) {
            return [
                new AuditFinding(
                    key: 'sells nothing',
                    section: null,
                    words: 'Nothing on this page can be bought or leads to goods.',
                    why: 'Whoever comes here can only leave.',
                    mend: AuditMend::lay('Lay what is newest', 'goods', self::leadBefore($measured, $sections, '')),
                ),
            ];
        }
        $down = $measured->sections[$selling[0]->id]['top'];
        if ($down <= self::SCREEN * self::NEAR) {
            return [];
        }
        $lead = self::leadBefore($measured, $sections, $selling[0]->id);

        return [
            new AuditFinding(
                key: 'far '.$selling[0]->id,
                section: $selling[0]->id,
                words: sprintf(
                    'The first goods are %s down: a shopper swipes %d times to see what you sell.',
                    self::screens($down),
                    (int) ceil($down / self::SCREEN),
                ),
                why: 'What lies in the first screen is seen by everybody who comes; each swipe is made by fewer.',
                mend: $lead === null ? null : AuditMend::moveBehind('Move it up', $selling[0]->id, $lead),
            ),
        ];
    }

    /**
     * The last section before another that ends within the first screen.
     *
     * @param  list<SectionFacts>  $sections
     */
    private static function leadBefore(Measured $measured, array $sections, string $id): ?string
    {
        $lead = null;
        foreach ($sections as $section) {
            $place = $measured->sections[$section->id] ?? null;
            if ($section->id === $id || $place === null || $place['top'] + $place['height'] > self::SCREEN) {
                break;
            }
            $lead = $section->id;
        }

        return $lead;
    }

    /**
     * @param  list<SectionFacts>  $sections
     * @return list<AuditFinding>
     */
    private static function weight(Measured $measured, array $sections): array
    {
        if ($measured->weight() <= self::HEAVY) {
            return [];
        }
        $most = array_keys($measured->bytes, max($measured->bytes), true)[0];
        $kb = static fn (int $bytes): int => intdiv($bytes + 1023, 1024);
        // The heaviest section that can be made lighter; where none of them weighs anything, nobody is to blame.
        $byId = array_column($sections, null, 'id');
        $lighter = array_filter(
            $measured->pictureBytes,
            static fn (int $bytes, string $id): bool => $bytes > 0 && ($byId[$id] ?? null)?->lightens !== null,
            ARRAY_FILTER_USE_BOTH,
        );
        $heaviest = array_key_first($lighter);

        return [
            new AuditFinding(
                key: 'heavy',
                section: $heaviest,
                words: sprintf(
                    'The page weighs %d KB on a phone; %s are %d of it%s.',
                    $kb($measured->weight()),
                    $most === 'page' ? 'its words' : $most,
                    $kb($measured->bytes[$most]),
                    $heaviest === null ? '' : sprintf(', %d of them here', $kb($lighter[$heaviest])),
                ),
                why: 'On a slow line that is more than three seconds before all of it is there.',
                mend: $heaviest === null ? null : $byId[$heaviest]->lightens,
            ),
        ];
    }

    /**
     * @param  list<SectionFacts>  $sections
     * @return list<AuditFinding>
     */
    private static function length(Measured $measured, array $sections): array
    {
        $deep = array_values(
            array_filter(
                $sections,
                static fn (SectionFacts $s): bool => ($measured->sections[$s->id]['top'] ?? 0) >
                    self::SCREEN * self::DEEP && ($measured->sections[$s->id]['height'] ?? 0) > 0,
            ),
        );
        // The foot is at the end of every page, however long it is.
        $deep = array_slice($deep, 0, max(0, count($deep) - 1));
        if ($deep === []) {
            return [];
        }
        $last = $deep[count($deep) - 1];

        return [
            new AuditFinding(
                key: 'long '.$last->id,
                section: $last->id,
                words: sprintf(
                    '%d sections; this one is %s down.',
                    count($sections),
                    self::screens($measured->sections[$last->id]['top'] ?? 0),
                ),
                why: 'Hardly anybody swipes that far.',
                mend: AuditMend::hide('Hide it', $last->id),
            ),
        ];
    }

    /** @return list<AuditFinding> */
    private static function leadsNowhere(SectionFacts $section): array
    {
        return array_map(
            static fn (array $way): AuditFinding => new AuditFinding(
                key: 'nowhere '.$section->id.' '.$way['field'].' '.$way['words'],
                section: $section->id,
                words: sprintf('“%s” leads nowhere%s.', $way['words'], $way['row'] === null ? '' : ' any more'),
                why: 'Shoppers don’t see it, or tap in vain.',
                mend: $way['row'] === null
                    ? AuditMend::say('Lead to everything', $section->id, $way['field'], 'all')
                    : AuditMend::takeOut('Take it out', $section->id, $way['field'], $way['row']),
            ),
            $section->nowhere,
        );
    }

    /** @return list<AuditFinding> */
    private static function soldOut(SectionFacts $section): array
    {
        $gone = count($section->soldOut);
        if ($gone === 0) {
            return [];
        }

        return [
            new AuditFinding(
                key: 'sold out '.$section->id.' '.implode(',', $section->soldOut),
                section: $section->id,
                words: sprintf('%d of the %d goods shown here can’t be bought.', $gone, $section->shown),
                why: 'They take the places of what can.',
                mend: AuditMend::say('Pass over what is sold out', $section->id, 'gone', 'pass'),
            ),
        ];
    }

    /**
     * A span of days that a section promises and the goods don't keep.
     *
     * @return list<AuditFinding>
     */
    private static function promises(SectionFacts $section, ?DayRange $days): array
    {
        $findings = [];
        if ($days === null) {
            return [];
        }
        foreach ($section->said as $said) {
            if (preg_match(self::SPAN, $said['words'], $m) !== 1 || (int) $m[2] >= $days->max) {
                continue;
            }
            $true = str_replace($m[0], $days->words(), $said['words']);
            $findings[] = new AuditFinding(
                key: 'promise '.$section->id.' '.$m[0].' '.$days->max,
                section: $section->id,
                words: sprintf('It says “%s”; the slowest you show takes %d days.', $m[0], $days->max),
                why: 'A promise that isn’t kept comes back as a complaint.',
                mend: $said['row'] === null
                    ? AuditMend::say('Say '.$days->words(), $section->id, $said['field'], $true)
                    : AuditMend::sayInRow(
                        'Say '.$days->words(),
                        $section->id,
                        $said['field'],
                        $said['row'],
                        $said['part'],
                        $true,
                    ),
            );
        }

        return $findings;
    }

    /** @return list<AuditFinding> */
    private static function unreadable(SectionFacts $section, Measured $measured): array
    {
        foreach ($measured->overPictures as $over) {
            if (
                $over['id'] !== $section->id ||
                $over['under'] === [] ||
                preg_match('/^#[0-9a-f]{6}$/D', $over['colour']) !== 1
            ) {
                continue;
            }
            $contrast = Veil::contrast(array_map(Colour::hex(...), $over['under']), Colour::hex($over['colour']));
            if ($contrast < Tones::TEXT) {
                return [
                    new AuditFinding(
                        key: 'unreadable '.$section->id.' '.$over['words'],
                        section: $section->id,
                        words: sprintf(
                            '“%s” crosses the picture at %.1f to 1; it needs %.1f.',
                            $over['words'],
                            floor($contrast * 10) / 10,
                            Tones::TEXT,
                        ),
                        why: 'In daylight, and for weaker eyes, those words can’t be read.',
                        mend: $section->clears ?? AuditMend::open('Open it', $section->id),
                    ),
                ];
            }
        }

        return [];
    }

    /** @return list<AuditFinding> */
    private static function dead(SectionFacts $section, Measured $measured): array
    {
        $dead = array_values(
            array_filter($measured->dead, static fn (array $link): bool => $link['id'] === $section->id),
        );

        return $dead === []
            ? []
            : [
                new AuditFinding(
                    key: 'dead '.$section->id,
                    section: $section->id,
                    words: $dead[0]['words'] === ''
                        ? 'A link here has no words.'
                        : sprintf('“%s” is a link without an address.', $dead[0]['words']),
                    why: 'Shoppers tap it in vain, or don’t know what it is.',
                    mend: AuditMend::open('Open it', $section->id),
                ),
            ];
    }

    /** @return list<AuditFinding> */
    private static function taps(SectionFacts $section, Measured $measured): array
    {
        $small = array_values(
            array_filter($measured->taps, static fn (array $tap): bool => $tap['id'] === $section->id),
        );

        return $small === []
            ? []
            : [
                new AuditFinding(
                    key: 'taps '.$section->id,
                    section: $section->id,
                    words: sprintf(
                        '“%s” can be tapped on %d × %d; a fingertip needs 44.',
                        $small[0]['words'],
                        $small[0]['width'],
                        $small[0]['height'],
                    ),
                    why: 'A smaller one is missed, and the wrong thing opens.',
                    mend: AuditMend::open('Open it', $section->id),
                ),
            ];
    }

    /** @return list<AuditFinding> */
    private static function unsaid(SectionFacts $section, Measured $measured): array
    {
        $unsaid = count(
            array_filter($measured->unsaid, static fn (array $picture): bool => $picture['id'] === $section->id),
        );

        return $unsaid === 0
            ? []
            : [
                new AuditFinding(
                    key: 'unsaid '.$section->id,
                    section: $section->id,
                    words: $unsaid === 1
                        ? 'A picture here says nothing to whoever can’t see it.'
                        : $unsaid.' pictures here say nothing to whoever can’t see them.',
                    why: 'Screen readers and search engines read words.',
                    mend: AuditMend::open('Say what it shows', $section->id, $section->pictureField),
                ),
            ];
    }

    /** "1.4 screens" */
    private static function screens(int $pixels): string
    {
        $tenths = (int) round(($pixels * 10) / self::SCREEN);

        return $tenths === 10 ? 'one screen' : sprintf('%d.%d screens', intdiv($tenths, 10), $tenths % 10);
    }
}
