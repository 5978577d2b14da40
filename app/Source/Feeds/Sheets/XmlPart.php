<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds\Sheets;

use WindowStall\Source\Feeds\FeedTrouble;
use WindowStall\Source\Feeds\XmlGuard;
use XMLReader;

/** One XML file of a spreadsheet, read element by element. */
final class XmlPart
{
    /**
     * @param  string|null  $path  null where the spreadsheet has no such part: then there is nothing in it
     * @return \Generator<int, XMLReader> standing on each element of these local names
     *
     * @throws FeedTrouble when the part is broken, or declares entities
     */
    public static function elements(?string $path, string ...$names): \Generator
    {
        if ($path === null) {
            return;
        }
        XmlGuard::check($path);
        $before = libxml_use_internal_errors(true);
        libxml_clear_errors();
        $xml = XMLReader::open($path, null, LIBXML_NONET);
        if (! ($xml instanceof XMLReader)) {
            throw self::broken();
        }
        try {
            while ($xml->read()) {
                if ($xml->nodeType === XMLReader::DOC_TYPE) {
                    throw self::broken();
                }
                if ($xml->nodeType === XMLReader::ELEMENT && in_array($xml->localName, $names, true)) {
                    yield $xml;
                }
            }
            if (libxml_get_last_error() !== false) {
                throw self::broken();
            }
        } finally {
            $xml->close();
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
    }

    /** The words of a node: all its <t> but those that say how signs are spoken (<rPh>). */
    public static function text(\DOMNode $node): string
    {
        $text = '';
        foreach ($node->childNodes as $child) {
            $text .= match ($child->localName) {
                't' => $child->textContent,
                'r', 'is' => self::text($child),
                default => '',
            };
        }
        // A sign that XML doesn't know is written as _x000D_ (ECMA-376 part 1, 22.9.2.19).
        $plain = preg_replace_callback(
            '/_x([0-9A-Fa-f]{4})_/',
            static fn (array $m): string => (string) mb_chr((int) hexdec($m[1]), 'UTF-8'),
            $text,
        );

        return str_replace("\r\n", "\n", $plain ?? $text);
    }

    private static function broken(): FeedTrouble
    {
        return FeedTrouble::because('The spreadsheet is damaged inside. Open it, save it anew and send that.');
    }
}
