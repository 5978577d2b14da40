<?php

declare(strict_types=1);

namespace WindowStall\Shop;

/** Where the shop's built styles, scripts and typefaces lie, from the build's manifest. */
final class ShopAssets
{
    private const FAMILIES = [
        'bricolage-grotesque' => 'Bricolage Grotesque Variable', 'instrument-sans' => 'Instrument Sans Variable', 'literata' => 'Literata Variable',
        'archivo' => 'Archivo Variable', 'figtree' => 'Figtree Variable',
    ];

    /** @var array<string, array{file: string, css?: list<string>}>|null */
    private ?array $manifest = null;

    public static function family(string $face): string
    {
        return self::FAMILIES[$face];
    }

    public function url(string $source): string
    {
        return '/shop-assets/'.($this->manifest()[$source]['file'] ?? throw new \RuntimeException('The shop’s '.$source.' isn’t built.'));
    }

    public function font(string $face): string
    {
        return $this->url('node_modules/@fontsource-variable/'.$face.'/files/'.$face.'-latin-wght-normal.woff2');
    }

    /** @return array<string, array{file: string, css?: list<string>}> */
    private function manifest(): array
    {
        return $this->manifest ??= json_decode((string) file_get_contents(public_path('shop-assets/manifest.json')), true, flags: JSON_THROW_ON_ERROR);
    }
}
