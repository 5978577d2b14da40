<?php

declare(strict_types=1);

namespace WindowStall\Bench\Writing;

use DOMDocument;
use DOMElement;
use DOMXPath;

/** The HTML of a description without some of its sentences; a paragraph or list that held nothing else goes with them. */
final class CutSentences
{
    private const BLOCKS = '//p|//li|//h2|//h3|//blockquote';

    /** @param  list<string>  $sentences  plain text */
    public static function from(string $html, array $sentences): string
    {
        $page = new DOMDocument();
        @$page->loadHTML('<?xml encoding="utf-8"?><body>'.$html.'</body>', LIBXML_NONET | LIBXML_NOERROR);
        $find = new DOMXPath($page);
        foreach (self::elements($find, self::BLOCKS.'[not(.//p) and not(.//li)]') as $block) {
            $whole = self::spaced($block->textContent);
            $left = self::spaced(str_replace(array_map(self::spaced(...), $sentences), '', $whole));
            if ($left === $whole) {
                continue;
            }
            $left === '' ? $block->remove() : $block->textContent = $left;
        }
        foreach (self::elements($find, '(//ul|//ol)[not(.//li)]') as $list) {
            $list->remove();
        }
        $body = $page->getElementsByTagName('body')->item(0);
        $said = '';
        foreach ($body->childNodes ?? [] as $node) {
            $said .= $page->saveHTML($node);
        }

        return trim($said);
    }

    /** @return list<DOMElement> */
    private static function elements(DOMXPath $find, string $path): array
    {
        return array_values(array_filter(
            iterator_to_array($find->query($path) ?: []),
            static fn (mixed $node): bool => $node instanceof DOMElement,
        ));
    }

    private static function spaced(string $text): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', $text));
    }
}
