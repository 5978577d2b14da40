<?php

declare(strict_types=1);

namespace WindowStall\Core\Giving;

use DateTimeImmutable;

/** One time at which something is done, by the stall's own clock, and for how many. */
final readonly class Appointment
{
    public const MOST_PLACES = 500;

    /** Of one listing. */
    public const MOST = 60;

    private function __construct(public DateTimeImmutable $at, public int $places)
    {
    }

    /**
     * Reads what a seller typed: each time once, the earliest first.
     *
     * @param  list<array{at: string, places: string|int}>  $typed  "2026-12-12T14:00" and a number
     * @return list<self>
     *
     * @throws GivingRefused
     */
    public static function list(array $typed): array
    {
        if (count($typed) > self::MOST) {
            throw new GivingRefused(sprintf('These are %d times; up to %d stand on one of your goods.', count($typed), self::MOST));
        }
        $all = [];
        foreach ($typed as $one) {
            $read = self::read($one['at'], $one['places']);
            if (isset($all[$read->at->format('YmdHi')])) {
                throw new GivingRefused(sprintf('%s stands there twice.', $read->words()));
            }
            $all[$read->at->format('YmdHi')] = $read;
        }
        ksort($all);

        return array_values($all);
    }

    /** @throws GivingRefused */
    private static function read(string $at, string|int $places): self
    {
        $moment = DateTimeImmutable::createFromFormat('!Y-m-d\TH:i', $at);
        // 31 June reads as 1 July.
        if ($moment === false || $moment->format('Y-m-d\TH:i') !== $at) {
            throw new GivingRefused(sprintf('“%s” is no day and time.', $at));
        }
        $count = is_int($places) ? $places : (preg_match('/^\d{1,6}$/D', trim($places)) === 1 ? (int) trim($places) : 0);
        if ($count < 1 || $count > self::MOST_PLACES) {
            throw new GivingRefused(sprintf('Places are a whole number from 1 to %d.', self::MOST_PLACES));
        }

        return new self($moment, $count);
    }

    /** As an option that a shopper chooses: "Sat 12 Dec 2026, 14:00". */
    public function words(): string
    {
        return $this->at->format('D j M Y, H:i');
    }

    /** The end of its variant's number. */
    public function code(): string
    {
        return $this->at->format('Ymd\THi');
    }

    /** The time in a variant's number, by the stall's clock; null where it has none. */
    public static function ofCode(string $variant): ?DateTimeImmutable
    {
        $found = preg_match('~/(\d{8}T\d{4})$~D', $variant, $m) === 1 ? DateTimeImmutable::createFromFormat('!Ymd\THi', $m[1]) : false;

        return $found === false ? null : $found;
    }

    /** @return array{at: string, places: int} as it is kept, and read again */
    public function write(): array
    {
        return ['at' => $this->at->format('Y-m-d\TH:i'), 'places' => $this->places];
    }
}
