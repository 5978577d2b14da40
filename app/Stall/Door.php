<?php

declare(strict_types=1);

namespace WindowStall\Stall;

use Illuminate\Support\Facades\DB;
use stdClass;

/** What may be known of a stall before it is entered. */
final readonly class Door
{
    public function __construct(public int $stall, public string $handle, public string $name)
    {
    }

    /** @return list<self> of the stalls somebody works in, in the order in which they were made */
    public static function of(User $person): array
    {
        return array_map(
            static fn (stdClass $row): self => new self((int) $row->number, (string) $row->handle, (string) $row->name),
            array_values(DB::select('SELECT number, handle, name FROM stalls_of(?)', [$person->id])),
        );
    }

    /** Whether a stall has this address. */
    public static function isCalled(string $handle): bool
    {
        return self::numberOf($handle) !== null;
    }

    /** Goes into the stall with this address; null, and one stays where one is, where there is none. */
    public static function enter(string $handle): ?Stall
    {
        $number = self::numberOf($handle);
        if ($number === null) {
            return null;
        }
        OneStall::enter($number);

        return Stall::query()->find($number);
    }

    /** Goes into a stall somebody works in; null, and one stays where one is, where they don't. */
    public static function enterFor(User $person, string $handle): ?Stall
    {
        foreach (self::of($person) as $door) {
            if ($door->handle === $handle) {
                OneStall::enter($door->stall);

                return Stall::query()->find($door->stall);
            }
        }

        return null;
    }

    private static function numberOf(string $handle): ?int
    {
        $number = DB::selectOne('SELECT stall_called(?) AS number', [$handle])?->number;

        return $number === null ? null : (int) $number;
    }
}
