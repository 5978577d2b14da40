<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

use BackedEnum;

/** A look plan as plain values, as it is saved and sent: read strictly, so that nothing unknown comes in. */
final class LookForm
{
    /** @var array<string, class-string<BackedEnum>> what is decided by choosing one of a few */
    public const CHOICES = [
        'build' => Build::class,
        'mood' => Mood::class,
        'pair' => TypePair::class,
        'size' => TypeSize::class,
        'weight' => TypeWeight::class,
        'corner' => Corner::class,
        'line' => LineStyle::class,
        'shadow' => Shadow::class,
        'density' => Density::class,
        'ratio' => Ratio::class,
        'ground' => PictureGround::class,
        'frame' => PictureFrame::class,
    ];

    /**
     * @return array{
     *     colours: list<string>, build: string, mood: string, pair: string, size: string, weight: string,
     *     corner: string, line: string, shadow: string, density: string, ratio: string, ground: string, frame: string,
     * }
     */
    public static function of(LookPlan $plan): array
    {
        return [
            'colours' => array_map(static fn (Colour $c): string => $c->toHex(), $plan->colours),
            'build' => $plan->build->value,
            'mood' => $plan->mood->value,
            'pair' => $plan->pair->value,
            'size' => $plan->size->value,
            'weight' => $plan->weight->value,
            'corner' => $plan->shape->corner->value,
            'line' => $plan->shape->line->value,
            'shadow' => $plan->shape->shadow->value,
            'density' => $plan->shape->density->value,
            'ratio' => $plan->pictures->ratio->value,
            'ground' => $plan->pictures->ground->value,
            'frame' => $plan->pictures->frame->value,
        ];
    }

    /**
     * @param  array<mixed>  $said
     *
     * @throws ColourUnreadable
     * @throws LookUnreadable with the decision that is missing or unknown
     */
    public static function read(array $said): LookPlan
    {
        $colours = is_array($said['colours'] ?? null) ? array_values($said['colours']) : [];
        if ($colours === [] || count($colours) > LookPlan::MOST_COLOURS) {
            throw LookUnreadable::colours(LookPlan::MOST_COLOURS);
        }
        $colours = array_map(static fn (mixed $c): Colour => Colour::hex(is_string($c) ? $c : ''), $colours);

        return new LookPlan(
            build: self::choice($said, 'build', Build::class),
            mood: self::choice($said, 'mood', Mood::class),
            colours: $colours,
            pair: self::choice($said, 'pair', TypePair::class),
            size: self::choice($said, 'size', TypeSize::class),
            weight: self::choice($said, 'weight', TypeWeight::class),
            shape: new Shape(
                self::choice($said, 'corner', Corner::class),
                self::choice($said, 'line', LineStyle::class),
                self::choice($said, 'shadow', Shadow::class),
                self::choice($said, 'density', Density::class),
            ),
            pictures: new PictureManner(
                self::choice($said, 'ratio', Ratio::class),
                self::choice($said, 'ground', PictureGround::class),
                self::choice($said, 'frame', PictureFrame::class),
            ),
        );
    }

    /**
     * @template T of BackedEnum
     *
     * @param  array<mixed>  $said
     * @param  class-string<T>  $enum
     * @return T
     */
    private static function choice(array $said, string $name, string $enum): BackedEnum
    {
        $value = $said[$name] ?? null;

        return (is_string($value) ? $enum::tryFrom($value) : null) ?? throw LookUnreadable::choice($name);
    }
}
