<?php

declare(strict_types=1);

namespace WindowStall\Support;

use Illuminate\Support\Facades\Storage;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerConfig;
use Symfony\Component\HtmlSanitizer\Visitor\AttributeSanitizer\AttributeSanitizerInterface;

/** Pictures that lie on the media disk stay; one from elsewhere would tell its host of every shopper. */
final class OwnPicturesOnly implements AttributeSanitizerInterface
{
    private const PATH = '#^/[\w/.-]+$#D';

    /** @return list<string> */
    public function getSupportedElements(): array
    {
        return ['img'];
    }

    /** @return list<string> */
    public function getSupportedAttributes(): array
    {
        return ['src'];
    }

    public function sanitizeAttribute(
        string $element,
        string $attribute,
        string $value,
        HtmlSanitizerConfig $config,
    ): ?string {
        $media = rtrim(Storage::disk((string) config('filesystems.media'))->url(''), '/');
        $own = str_starts_with($value, $media) && preg_match(self::PATH, substr($value, strlen($media))) === 1;

        return $own && ! str_contains($value, '..') ? $value : null;
    }
}
