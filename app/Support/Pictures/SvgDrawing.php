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
use Symfony\Component\Process\Exception\ProcessSignaledException;
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

    /** Elements of a drawing. */
    private const MOST_ELEMENTS = 20_000;

    /** Filters, and uses of what was drawn before: each may be as dear as a drawing. */
    private const MOST_FILTERS = 12;

    private const MOST_USES = 500;

    private const MOST_DEEP = 40;

    /** Pixels of all pictures within a drawing together. */
    private const MOST_AREA = 8_000_000;

    /** Seconds and bytes that drawing it may take. */
    private const SECONDS = 5;

    private const MEMORY = 400_000_000;

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
        self::count($xpath);
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
                ->timeout(self::SECONDS + 5)
                ->run([
                    'prlimit',
                    '--cpu='.self::SECONDS,
                    '--as='.self::MEMORY,
                    'rsvg-convert',
                    '--format=png',
                    '--keep-aspect-ratio',
                    '--width='.self::WIDTH,
                ])
                ->throw()
                ->output();
        } catch (ProcessFailedException|ProcessTimedOutException|ProcessSignaledException) {
            throw new Refusal('This SVG drawing can’t be drawn here. Save it as PNG and send that.');
        }
    }

    /** @throws Refusal where drawing it would take more than a logo's worth of time or memory */
    private static function count(DOMXPath $xpath): void
    {
        $named = static fn (string $names): int => (int) $xpath->evaluate('count(//*['.$names.'])');
        $local = static fn (string $test): string => 'translate(local-name(), "ABCDEFGHIJKLMNOPQRSTUVWXYZ", '.
            '"abcdefghijklmnopqrstuvwxyz")'.$test;
        $tooMuch = $named('true()') > self::MOST_ELEMENTS
            || (int) $xpath->evaluate('count(//*[starts-with(local-name(), "fe")])') > self::MOST_FILTERS
            || (int) $xpath->evaluate('count(//@filter)') > self::MOST_FILTERS
            || $named($local('="use"')) > self::MOST_USES
            || (int) $xpath->evaluate('count(//*[count(ancestor::*) > '.self::MOST_DEEP.'])') > 0;
        if ($tooMuch) {
            throw new Refusal('This SVG drawing has more parts or effects than a logo needs. Simplify it, or save it as PNG.');
        }
        $area = 0;
        foreach ($xpath->query('//@*[starts-with(., "data:")]') ?: [] as $within) {
            $size = @getimagesizefromstring((string) base64_decode((string) strstr((string) $within->nodeValue, ','), false));
            $area += $size === false ? 0 : $size[0] * $size[1];
        }
        if ($area > self::MOST_AREA) {
            throw new Refusal(sprintf(
                'The pictures within this SVG drawing have %d million pixels; %d million are the most.',
                intdiv($area, 1_000_000),
                intdiv(self::MOST_AREA, 1_000_000),
            ));
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
