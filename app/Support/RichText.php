<?php

declare(strict_types=1);

namespace WindowStall\Support;

use Symfony\Component\HtmlSanitizer\HtmlSanitizer;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerConfig;

/**
 * Cleans a description: headings, lists, emphasis, links and the stall's own pictures stay; scripts, handlers, styles
 * and pictures from elsewhere go.
 */
final class RichText
{
    public const MOST_LETTERS = 20_000;

    private const WITHOUT_ADDRESS = '#<img(?: alt="[^"]*")? />#';

    private HtmlSanitizer $sanitizer;

    public function __construct()
    {
        $config = (new HtmlSanitizerConfig())
            ->withMaxInputLength(self::MOST_LETTERS * 4)
            ->allowElement('p')
            ->allowElement('br')
            ->allowElement('h2')
            ->allowElement('h3')
            ->allowElement('ul')
            ->allowElement('ol')
            ->allowElement('li')
            ->allowElement('strong')
            ->allowElement('em')
            ->allowElement('blockquote')
            ->allowElement('img', ['src', 'alt'])
            ->withAttributeSanitizer(new OwnPicturesOnly())
            ->allowRelativeMedias()
            ->allowMediaSchemes(['https', 'http'])
            ->allowElement('a', ['href'])
            ->allowLinkSchemes(['https', 'http', 'mailto'])
            ->forceAttribute('a', 'rel', 'nofollow noopener')
            ->blockElement('div')
            ->blockElement('span')
            ->blockElement('b')
            ->blockElement('i')
            ->blockElement('section')
            ->blockElement('font')
            ->blockElement('center')
            ->blockElement('h1')
            ->blockElement('table')
            ->blockElement('tr')
            ->blockElement('td')
            ->blockElement('tbody');
        $this->sanitizer = new HtmlSanitizer($config);
    }

    public function clean(string $html): string
    {
        // A picture that lost its address leaves nothing to see.
        return trim((string) preg_replace(self::WITHOUT_ADDRESS, '', $this->sanitizer->sanitize($html)));
    }

    /** As plain text, each paragraph, heading and line of a list on a line of its own. */
    public static function lines(string $html): string
    {
        return html_entity_decode(
            strip_tags((string) preg_replace('#</(p|li|h2|h3)>|<br\s*/?>#i', "\n", $html)),
            ENT_QUOTES | ENT_HTML5,
        );
    }

    public static function plain(string $html): string
    {
        $spaced = preg_replace('#</(p|li|h2|h3)>|<br\s*/?>#i', ' ', $html) ?? $html;

        return trim(preg_replace('/\s+/u', ' ', html_entity_decode(strip_tags($spaced), ENT_QUOTES | ENT_HTML5)) ?? '');
    }
}
