<?php

declare(strict_types=1);

namespace WindowStall\Support\Pictures;

use DOMAttr;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Illuminate\Process\Exceptions\ProcessFailedException;
use Illuminate\Process\Exceptions\ProcessTimedOutException;
use Illuminate\Support\Facades\Process;
use WindowStall\Support\Refusal;

/**
 * A logo that was sent as an SVG drawing: looked through for what isn't drawing, then made into pixels by librsvg,
 * which runs no scripts and fetches nothing. Shoppers only ever get the pixels.
 */
final class SvgDrawing
{
    private const MOST_BYTES = 1_048_576;

    /** Pixels; the shop's largest size comes out of it sharp. */
    private const WIDTH = 1_600;

    private const PLAIN = 'Save it as “plain SVG”, or as PNG.';

    private const NO_DRAWING = ['script', 'foreignobject', 'iframe', 'object', 'embed', 'audio', 'video', 'handler'];

    public static function is(string $bytes): bool
    {
        return preg_match('/<svg[\s>]/i', substr($bytes, 0, 4096)) === 1 && @getimagesizefromstring($bytes) === false;
    }

    /** @throws Refusal for what isn't only a drawing */
    public static function check(string $bytes): void
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw new Refusal('This SVG drawing is larger than 1 MB. Simplify it, or save it as PNG.');
        }
        if (preg_match('/<!(DOCTYPE|ENTITY)/i', $bytes) === 1) {
            throw new Refusal('This SVG drawing has declarations of its own, so it isn’t taken. '.self::PLAIN);
        }
        $document = new DOMDocument();
        $read = @$document->loadXML($bytes, LIBXML_NONET | LIBXML_NOERROR);
        if (! $read || self::named($document->documentElement) !== 'svg') {
            throw new Refusal('This SVG drawing is damaged. Save it again, or as PNG.');
        }
        $xpath = new DOMXPath($document);
        foreach ($xpath->query('//*') ?: [] as $element) {
            if ($element instanceof DOMElement && in_array(self::named($element), self::NO_DRAWING, true)) {
                throw new Refusal(
                    'This SVG drawing carries a script or a part of a page, so it isn’t taken. '.self::PLAIN,
                );
            }
        }
        foreach ($xpath->query('//@*') ?: [] as $attribute) {
            $attribute instanceof DOMAttr && self::attribute($attribute);
        }
        if (preg_match('/@import|url\(\s*["\']?\s*(?!#|data:)/i', $document->textContent) === 1) {
            throw self::refersOut();
        }
    }

    /** @throws Refusal when it can't be drawn */
    public static function png(string $bytes): string
    {
        self::check($bytes);
        try {
            return Process::input($bytes)
                ->timeout(20)
                ->run(['rsvg-convert', '--format=png', '--keep-aspect-ratio', '--width='.self::WIDTH])
                ->throw()
                ->output();
        } catch (ProcessFailedException|ProcessTimedOutException) {
            throw new Refusal('This SVG drawing can’t be drawn here. Save it as PNG and send that.');
        }
    }

    private static function attribute(DOMAttr $attribute): void
    {
        $name = strtolower($attribute->localName ?? $attribute->name);
        $value = trim($attribute->value);
        if (str_starts_with($name, 'on')) {
            throw new Refusal('This SVG drawing carries a script, so it isn’t taken. '.self::PLAIN);
        }
        $refers =
            in_array($name, ['href', 'src'], true) &&
            preg_match('/^(#|data:image\/(png|jpeg|webp);|$)/i', $value) !== 1;
        if ($refers || preg_match('/url\(\s*["\']?\s*(?!#|data:)/i', $value) === 1) {
            throw self::refersOut();
        }
    }

    private static function named(?DOMElement $element): string
    {
        return strtolower((string) $element?->localName);
    }

    private static function refersOut(): Refusal
    {
        return new Refusal('This SVG drawing refers to something outside itself. '.self::PLAIN);
    }
}
