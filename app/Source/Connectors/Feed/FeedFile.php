<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors\Feed;

use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use WindowStall\Source\Connectors\Access;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\Feeds\Feed;
use WindowStall\Source\Feeds\FeedTrouble;
use WindowStall\Source\Feeds\Limits;
use WindowStall\Source\Feeds\OpenFeed;
use WindowStall\Support\Outbound\Fetch;
use WindowStall\Support\Outbound\Unreachable;
use WindowStall\Support\Refusal;

/** A supplier's file brought into a folder of its own here, for as long as it is read. */
final class FeedFile
{
    /** Seconds for fetching; a gigabyte at home speed. */
    private const SECONDS = 900;

    /**
     * @template T
     *
     * @param  callable(Feed): T  $read
     * @param  int  $seconds  for fetching
     * @param  bool  $looking  the part, and the way of reading, that a person is looking at rather than what is pulled
     * @return T
     *
     * @throws SupplierTrouble
     */
    public static function with(
        Access $access,
        callable $read,
        int $seconds = self::SECONDS,
        bool $looking = false,
    ): mixed {
        $answers = self::pages($access, static fn (Feed $feed): array => [$read($feed)], $seconds, $looking);
        foreach ($answers as $answer) {
            return $answer;
        }
        throw new \LogicException('One answer was read.');
    }

    /**
     * The same for what is read bit by bit: the file stays until the last of it was taken.
     *
     * @template T
     *
     * @param  callable(Feed, string): iterable<T>  $read  given the file and a hash of its bytes
     * @return \Generator<int, T>
     *
     * @throws SupplierTrouble
     */
    public static function pages(
        Access $access,
        callable $read,
        int $seconds = self::SECONDS,
        bool $looking = false,
    ): \Generator {
        $folder = storage_path('app/feeds/'.Str::uuid());
        File::makeDirectory($folder, 0700, true);
        try {
            self::bring($access, $folder.'/file', $seconds);
            $bytes = (string) hash_file('xxh128', $folder.'/file');
            $settings = FeedSettings::of($access->settings);
            $feed = OpenFeed::at(
                $folder.'/file',
                ($looking ? $settings->looked : null) ?? $settings->part,
                $settings->late,
                ($looking ? $settings->lookedAs : null) ?? $settings->reading,
            );
            foreach ($read($feed, $bytes) as $page) {
                yield $page;
            }
        } catch (FeedTrouble|Refusal|Unreachable $e) {
            throw SupplierTrouble::said($e->getMessage());
        } finally {
            File::deleteDirectory($folder);
        }
    }

    /** Keeps a file that a person sent; it may be read by another machine. @return string where it lies */
    public static function keep(string $path, int $stallId): string
    {
        $name = 'feeds/'.$stallId.'/'.Str::uuid();
        $in = fopen($path, 'r') ?: throw new Refusal('The file didn’t arrive whole. Send it again.');
        Storage::writeStream($name, $in);

        return $name;
    }

    private static function bring(Access $access, string $to, int $seconds): void
    {
        $kept = FeedSettings::of($access->settings)->file;
        if ($kept === null) {
            Fetch::file($access->address, $to, Limits::FILE, $seconds);

            return;
        }
        $in = Storage::exists($kept) ? Storage::readStream($kept) : null;
        if ($in === null) {
            throw new Refusal('The file that was sent isn’t kept any more. Send it again.');
        }
        $out = fopen($to, 'w') ?: throw new \RuntimeException('No room for a file.');
        stream_copy_to_stream($in, $out);
        fclose($out);
        fclose($in);
    }
}
