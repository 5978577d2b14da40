<?php

declare(strict_types=1);

namespace WindowStall\Support\Pictures;

use Illuminate\Process\Exceptions\ProcessTimedOutException;
use Illuminate\Support\Facades\Process;
use Symfony\Component\Process\Exception\ProcessSignaledException;
use WindowStall\Support\Refusal;

/**
 * Works on pictures of any size by libvips, which streams them: two hundred megapixels take some hundred megabytes. One
 * thread, a bound on memory and time.
 */
final class Vips
{
    private const MEMORY = 1_400_000_000;

    /** What is larger is unpacked to a file, not to memory. */
    private const IN_MEMORY = '64m';

    /** What is said of a picture that can't be opened. */
    private const DAMAGED = 'This picture is damaged or of a kind that can’t be read here. Save it again, as PNG or JPEG.';

    /**
     * @param  list<string>  $command  such as ["vips", "multiply", …] or ["rsvg-convert", …]
     * @param  string|null  $in  the folder it runs in
     * @return string what it said
     *
     * @throws Refusal where it can't
     */
    public static function run(array $command, int $seconds = 60, ?string $in = null): string
    {
        $bounded = ['prlimit', '--cpu='.$seconds, '--as='.self::MEMORY, ...$command];
        try {
            $ran = Process::env(['VIPS_CONCURRENCY' => '1', 'VIPS_DISC_THRESHOLD' => self::IN_MEMORY])
                ->timeout($seconds + 10)
                ->path($in ?? sys_get_temp_dir())
                ->run($bounded);
        } catch (ProcessTimedOutException|ProcessSignaledException) {
            throw new Refusal('This picture takes more time than there is. Save it smaller, as PNG or JPEG.');
        }

        // What is cut off is only warned of.
        $cut = preg_match('/not enough data|premature end|truncated/i', $ran->errorOutput()) === 1;

        return $ran->successful() && ! $cut ? $ran->output() : throw new Refusal(self::DAMAGED);
    }

    /**
     * @return array<string, string> what libvips says of a file's head: "width", "height", "bands", "format", …
     *
     * @throws Refusal
     */
    public static function header(string $file): array
    {
        $said = [];
        foreach (explode("\n", self::run(['vipsheader', '-a', $file], 20)) as $line) {
            if (preg_match('/^([\w-]+): (.*)$/', $line, $m) === 1) {
                $said[$m[1]] = $m[2];
            }
        }

        return $said;
    }

    /**
     * Makes a picture at most so large and never larger than it is, in sRGB, its profile worked in and everything beside the pixels left away. What
     * names no profile is taken for sRGB as it is.
     */
    public static function fit(string $from, string $to, int $width, int $height, int $seconds = 60): void
    {
        $profile = isset(self::header($from)['icc-profile-data']) ? ['--export-profile', 'srgb'] : [];
        self::run(
            ['vipsthumbnail', $from, '--size', $width.'x'.$height.'>', ...$profile, '-o', $to.'[strip]'],
            $seconds,
        );
    }
}
