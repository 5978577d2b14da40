<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

/**
 * Looks for tags that are longer than any of goods, before an XML reader does: with very many attributes on one element
 * that takes a time that grows with their square.
 */
final class XmlGuard
{
    /** Bytes of one tag with all its attributes. */
    private const TAG = 131_072;

    private const CHUNK = 65_536;

    /** @throws FeedTrouble */
    public static function check(string $path): void
    {
        $in = fopen($path, 'r') ?: throw FeedTrouble::because('The file can’t be opened.');
        try {
            // "<" stands in no attribute, so where some piece holds none, a tag or a text goes on through all of it.
            for ($opened = $at = 0; ! feof($in); $at += strlen($piece)) {
                $piece = (string) fread($in, self::CHUNK);
                $last = strrpos($piece, '<');
                if ($last === false && strlen($piece) === self::CHUNK) {
                    self::checkTag($in, $opened);
                    fseek($in, $at + strlen($piece));
                }
                $opened = $last === false ? $opened : $at + $last;
            }
        } finally {
            fclose($in);
        }
    }

    /** @param  resource  $in */
    private static function checkTag($in, int $opened): void
    {
        fseek($in, $opened);
        $tag = '';
        while (strlen($tag) < self::TAG && ! feof($in)) {
            $tag .= (string) fread($in, self::TAG - strlen($tag));
        }
        if (str_starts_with($tag, '<!') || str_starts_with($tag, '<?')) {
            return;
        }
        // Without the values of its attributes, which may hold ">".
        if (! str_contains((string) preg_replace('/"[^"]*+"|\'[^\']*+\'/', '', $tag), '>')) {
            throw FeedTrouble::because(
                'A tag in the XML is longer than any of goods: it has very many attributes. The file wasn’t read.',
            );
        }
    }
}
