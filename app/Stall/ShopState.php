<?php

declare(strict_types=1);

namespace WindowStall\Stall;

use Illuminate\Support\Facades\DB;

/** How often a shop's pages went stale: the state that what is made of it belongs to. */
final readonly class ShopState
{
    private const NOW = <<<'SQL'
        SELECT revision, generation, frame
        FROM shop_state
        WHERE stall_id = ?
        SQL;

    private const TURN = <<<'SQL'
        INSERT INTO shop_state AS state (stall_id, revision)
        VALUES (?, 2)
        ON CONFLICT (stall_id) DO UPDATE SET revision = state.revision + 1
        RETURNING revision, generation, frame
        SQL;

    private const NEXT = <<<'SQL'
        UPDATE shop_state
        SET generation = generation + ?, frame = ?
        WHERE stall_id = ?
        RETURNING revision, generation, frame
        SQL;

    /**
     * @param  int  $revision  rises with whatever makes any page stale
     * @param  int  $generation  rises with what makes every page stale
     * @param  string|null  $frame  a hash of what stands on every page; null where it isn't known
     */
    public function __construct(public int $revision, public int $generation, public ?string $frame)
    {
    }

    public static function of(Stall $stall): self
    {
        return self::read(DB::select(self::NOW, [$stall->id])) ?? new self(1, 1, null);
    }

    /** The next revision; whoever turns holds it until it is committed. */
    public static function turn(Stall $stall): self
    {
        return self::read(DB::select(self::TURN, [$stall->id])) ?? self::of($stall);
    }

    /** Notes what stands on every page from here on. */
    public function framed(Stall $stall, ?string $frame, bool $another): self
    {
        return self::read(DB::select(self::NEXT, [$another ? 1 : 0, $frame, $stall->id])) ?? $this;
    }

    /** @param  array<\stdClass>  $rows */
    private static function read(array $rows): ?self
    {
        $row = $rows[0] ?? null;

        return $row === null ? null : new self(
            revision: (int) $row->revision,
            generation: (int) $row->generation,
            frame: $row->frame === null ? null : (string) $row->frame,
        );
    }
}
