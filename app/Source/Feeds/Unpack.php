<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

use ZipArchive;

/**
 * Unpacks gz and zip into a file beside; any other file, and a spreadsheet, is given back as it is. Refuses broken
 * archives and bombs.
 */
final class Unpack
{
    private const CHUNK = 262_144;

    private const GZ_CHUNK = 8_192;

    /**
     * @return string the path of a plain file; it lies in the same folder
     *
     * @throws FeedTrouble
     */
    public static function file(string $path): string
    {
        $start = (string) file_get_contents($path, length: 4);

        return match (true) {
            $start === '' => throw FeedTrouble::because('The file is empty.'),
            str_starts_with($start, "\x1f\x8b") => self::gz($path),
            str_starts_with($start, "PK\x03\x04") => self::zip($path),
            str_starts_with($start, "PK\x05\x06") => throw FeedTrouble::because('The zip holds no file.'),
            default => $path,
        };
    }

    private static function gz(string $path): string
    {
        return self::write($path.'.plain', self::members(self::open($path)), (int) filesize($path));
    }

    /**
     * A gz file may hold several members one after the other (RFC 1952, 2.2); together they are the file.
     *
     * @param  resource  $in
     * @return \Generator<int, string>
     */
    private static function members($in): \Generator
    {
        $rest = '';
        do {
            $inflate = inflate_init(ZLIB_ENCODING_GZIP);
            \assert($inflate !== false);
            do {
                $piece = $rest === '' ? (string) fread($in, self::GZ_CHUNK) : $rest;
                if ($piece === '') {
                    throw FeedTrouble::because('The gz file breaks off in the middle. Fetch it again.');
                }
                $before = inflate_get_read_len($inflate);
                $plain = @inflate_add($inflate, $piece);
                if ($plain === false) {
                    throw FeedTrouble::because('The gz file is damaged: it can’t be unpacked. Fetch it again.');
                }
                yield $plain;
                $ended = inflate_get_status($inflate) === ZLIB_STREAM_END;
                $rest = $ended ? substr($piece, inflate_get_read_len($inflate) - $before) : '';
            } while (! $ended);
            $rest .= $rest === '' ? (string) fread($in, self::GZ_CHUNK) : '';
            // Noughts fill the last block of a tape; nothing follows them.
        } while (trim($rest, "\0") !== '');
    }

    private static function zip(string $path): string
    {
        $zip = new ZipArchive();
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw FeedTrouble::because('The zip file is damaged: it can’t be opened. Fetch it again.');
        }
        if ($zip->locateName('xl/workbook.xml') !== false) {
            return $path;
        }
        if (str_contains((string) $zip->getFromName('mimetype'), 'opendocument.spreadsheet')) {
            throw FeedTrouble::because(
                'This is a spreadsheet of the kind .ods. Open it, choose “Save as”, then .xlsx or CSV, and send that.',
            );
        }
        $names = [];
        for ($i = 0; $i < min($zip->numFiles, 1000); $i++) {
            $name = (string) $zip->getNameIndex($i);
            if (
                ! str_ends_with($name, '/') &&
                ! str_contains($name, '__MACOSX') &&
                ! str_starts_with(basename($name), '.')
            ) {
                $names[] = $name;
            }
        }
        if (count($names) !== 1) {
            throw FeedTrouble::because(
                $names === []
                    ? 'The zip holds no file.'
                    : sprintf('The zip holds %d files. Put in the one with the goods alone.', count($names)),
            );
        }

        return self::part($zip, $names[0], $path.'.plain');
    }

    /**
     * One file of a zip, unpacked and held against its length and checksum.
     *
     * @return string where it was put
     *
     * @throws FeedTrouble
     */
    public static function part(ZipArchive $zip, string $name, string $to): string
    {
        $in = $zip->getStream($name);
        if ($in === false) {
            throw FeedTrouble::because('The file in the zip can’t be read; perhaps it has a password.');
        }
        $pieces = (static function () use ($in): \Generator {
            while (! feof($in)) {
                $piece = @fread($in, self::CHUNK);
                if ($piece === false) {
                    throw FeedTrouble::because('The zip file is damaged. Fetch it again.');
                }
                yield $piece;
            }
        })();
        self::write($to, $pieces, (int) filesize($zip->filename));
        $said = $zip->statName($name);
        if ($said !== false && filesize($to) !== $said['size']) {
            throw FeedTrouble::because('The zip file is damaged: less is in it than it says. Fetch it again.');
        }
        if ($said !== false && hexdec((string) hash_file('crc32b', $to)) !== $said['crc']) {
            throw FeedTrouble::because('The zip file is damaged: its checksum doesn’t fit. Fetch it again.');
        }

        return $to;
    }

    /** @param  iterable<string>  $pieces */
    private static function write(string $to, iterable $pieces, int $packed): string
    {
        $out = fopen($to, 'w') ?: throw new \RuntimeException('No room to unpack.');
        $written = 0;
        try {
            foreach ($pieces as $piece) {
                $written += strlen($piece);
                if (
                    $written > Limits::UNPACKED ||
                    ($written > Limits::BOMB_FROM && $written > $packed * Limits::GROWTH)
                ) {
                    throw FeedTrouble::because(
                        sprintf(
                            'Unpacked, the file grows to more than %s MB from %s MB: that is no list of goods. It '.
                                'wasn’t read.',
                            number_format(intdiv($written, 1_000_000)),
                            number_format(max(1, intdiv($packed, 1_000_000))),
                        ),
                    );
                }
                fwrite($out, $piece);
            }
        } catch (FeedTrouble $trouble) {
            fclose($out);
            unlink($to);
            throw $trouble;
        }
        fclose($out);
        if ($written === 0) {
            throw FeedTrouble::because('The file is empty.');
        }

        return $to;
    }

    /** @return resource */
    private static function open(string $path)
    {
        return fopen($path, 'r') ?: throw FeedTrouble::because('The file can’t be opened.');
    }
}
