<?php

declare(strict_types=1);

namespace WindowStall\Window\Pages;

use WindowStall\Core\Look\Build;
use WindowStall\Core\Look\FaceCut;

/** Where the shop's built styles, scripts and typefaces lie, from the build's manifests. */
final class ShopAssets
{
    /** Letters that the second file of a typeface has: those of central and eastern Europe and beyond. */
    private const MORE =
        'U+0100-0130,U+0132-0151,U+0154-0177,U+0179-02BA,U+1E00-1E9F,U+1EF2-1EFF,'.
        'U+20A0-20AB,U+20AD-20C0,U+2C60-2C7F,U+A720-A7FF';

    /** @var array<string, array{file: string, css?: list<string>}>|null */
    private ?array $manifest = null;

    /** @var array<string, array{file: string, bytes: int, css?: string, families?: list<string>}>|null */
    private ?array $faces = null;

    public function url(string $source): string
    {
        $file =
            $this->manifest()[$source]['file'] ??
            throw new \RuntimeException('The shop’s '.$source.' isn’t built.');

        return '/shop-assets/'.$file;
    }

    public function build(Build $build): string
    {
        return $this->url('resources/shop/builds/'.$build->value.'.css');
    }

    public function face(FaceCut $cut): string
    {
        return '/shop-assets/'.$this->made($cut->key())['file'];
    }

    /**
     * As CSS: shown as soon as it is there, however slow the line. Until then stands what the machine has, stretched to
     * take the same room (resources/shop/faces/likeness.mjs), so that hardly anything moves when it comes.
     */
    public function fontFace(FaceCut $cut): string
    {
        $rule = static fn (string $file, string $more): string => sprintf(
            '@font-face{font-family:"%s";font-display:swap;font-weight:%s;src:url(/shop-assets/%s) format("woff2")%s}',
            $cut->key(),
            $cut->weights(),
            $file,
            $more,
        );
        $more = $this->faces()[$cut->face->value.'-more'] ?? null;

        $made = $this->made($cut->key());
        $css = $made['css'].$rule($made['file'], '');

        return $more === null ? $css : $css.$rule($more['file'], ';unicode-range:'.self::MORE);
    }

    /** The names under which it is asked for, as CSS lists them: itself, then what takes its room. */
    public function families(FaceCut $cut): string
    {
        $names = [$cut->key(), ...$this->made($cut->key())['families']];

        return implode(',', array_map(static fn (string $name): string => '"'.$name.'"', $names));
    }

    /** @return array{file: string, bytes: int, css: string, families: list<string>} */
    private function made(string $key): array
    {
        $face = $this->faces()[$key] ?? [];

        return isset($face['css'], $face['families'])
            ? $face
            : throw new \RuntimeException('The typeface '.$key.' isn’t built.');
    }

    /** @return array<string, array{file: string, bytes: int, css?: string, families?: list<string>}> */
    private function faces(): array
    {
        return $this->faces ??= self::read('faces/manifest.json');
    }

    /** @return array<string, array{file: string, css?: list<string>}> */
    private function manifest(): array
    {
        return $this->manifest ??= self::read('manifest.json');
    }

    /** @return array<string, mixed> */
    private static function read(string $file): array
    {
        return json_decode(
            (string) file_get_contents(public_path('shop-assets/'.$file)),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
    }
}
