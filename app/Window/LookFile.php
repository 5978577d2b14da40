<?php

declare(strict_types=1);

namespace WindowStall\Window;

use JsonException;
use WindowStall\Core\Look\LookForm;
use WindowStall\Core\Look\LookPlan;
use WindowStall\Support\Refusal;

/**
 * A look as a file: colours and computed tones as design tokens (Design Tokens Community Group, format of 2025:
 * groups with $type, $value), the decisions under $extensions by our own name. docs/formats.md describes it.
 */
final class LookFile
{
    private const OURS = 'window-stall.look';

    /** @return array<string, mixed> */
    public static function write(Look $look): array
    {
        $token = static fn (string $hex): array => [
            '$value' => ['colorSpace' => 'srgb', 'components' => self::components($hex), 'hex' => $hex],
        ];
        $pixels = static fn (int $value): array => [
            '$type' => 'dimension',
            '$value' => ['value' => $value, 'unit' => 'px'],
        ];
        $form = LookForm::of($look->plan);

        return [
            '$description' => 'A look of Window Stall: '.$look->name,
            'brand' => ['$type' => 'color'] + self::numbered(array_map($token, $form['colours'])),
            'tone' => ['$type' => 'color'] + array_map($token, $look->tones()->toArray()),
            'shape' => [
                'corner' => $pixels($look->plan->shape->corner->radius()),
                'line' => $pixels($look->plan->shape->line->width()),
            ],
            'type' => [
                'heading' => ['$type' => 'fontFamily', '$value' => $look->plan->pair->display()->words()],
                'text' => ['$type' => 'fontFamily', '$value' => $look->plan->pair->text()->words()],
            ],
            '$extensions' => [self::OURS => ['format' => 1, 'name' => $look->name] + $form],
        ];
    }

    /**
     * @return array{string, LookPlan} its name and its decisions
     *
     * @throws Refusal for what is no look
     */
    public static function read(string $json): array
    {
        try {
            $said = json_decode($json, true, 32, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw new Refusal('This file is no JSON, or is broken off.');
        }
        $more = is_array($said) ? $said['$extensions'] ?? null : null;
        $ours = is_array($more) ? $more[self::OURS] ?? null : null;
        if (! is_array($ours)) {
            throw new Refusal('This file holds no look: “$extensions” with “'.self::OURS.'” is missing.');
        }
        $name = is_string($ours['name'] ?? null) ? trim(mb_substr($ours['name'], 0, Look::MOST_NAME)) : '';

        return [$name === '' ? 'A look from a file' : $name, LookForm::read($ours)];
    }

    /** @return list<float> */
    private static function components(string $hex): array
    {
        return array_map(
            static fn (string $pair): float => round(hexdec($pair) / 255, 4),
            str_split(substr($hex, 1), 2),
        );
    }

    /**
     * @param  list<array<string, mixed>>  $tokens
     * @return array<string, array<string, mixed>>
     */
    private static function numbered(array $tokens): array
    {
        return array_combine(array_slice(['first', 'second', 'third'], 0, count($tokens)), $tokens);
    }
}
