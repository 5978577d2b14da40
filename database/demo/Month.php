<?php

declare(strict_types=1);

namespace WindowStall\Demo;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Drift\Deciding\Decide;
use WindowStall\Drift\DriftChange;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;

/**
 * Thirty days in which Oakum and Kilnfold changed things, as their own calendars have them, pulled one after the other
 * and decided upon as the keeper would. All of it is done by the program itself, now; only its times are moved to their
 * days.
 */
final class Month
{
    private const LENGTH = 30;

    /** Oakum's days on which something happens, by its calendar. */
    private const DAYS = [2, 4, 6, 7, 9, 10, 12, 14, 16, 18, 20, 22, 24, 26, 28, 29];

    /** Kilnfold: its columns get other names, and the old ones again; its list breaks off, and comes whole. */
    private const KILNFOLD = [10 => 'rename', 14 => 'rename', 20 => 'cut', 22 => 'cut'];

    /** Day → goods that somebody bought. */
    private const SALES = [
        4 => ['OD-1014' => 2], 6 => ['OD-1042' => 1], 9 => ['OD-1031' => 1], 10 => ['OD-1042' => 1],
        12 => ['OD-1008' => 1], 14 => ['OD-1033' => 2], 18 => ['OD-1020' => 1], 20 => ['OD-1048' => 1],
        24 => ['OD-1001' => 1, 'OD-1014' => 1], 26 => ['OD-1030' => 1], 28 => ['OD-1038' => 1],
    ];

    /** Table → its times that are moved. */
    private const TIMES = [
        'supplier_words' => ['said_at'],
        'drift_changes' => ['at', 'decided_at'],
        'runs' => ['created_at', 'started_at', 'ended_at'],
        'bench_changes' => ['created_at'],
        'price_history' => ['asked_at'],
        'prices' => ['since'],
        'orders' => ['created_at', 'paid_at'],
    ];

    private Carbon $began;

    /**
     * @param  callable(string $kind): void  $pull  pulls the supplier of a kind
     * @param  callable(array<string, int> $goods): void  $buy
     */
    public function __construct(
        private readonly Stall $stall,
        private readonly User $keeper,
        private $pull,
        private $buy,
    ) {
    }

    public function pass(): void
    {
        // What was done so far was done before the month began.
        $this->began = Carbon::parse('2000-01-01');
        $this->date(self::LENGTH);
        foreach (self::DAYS as $day) {
            $this->day($day);
        }
    }

    private function day(int $day): void
    {
        $this->began = Carbon::now()->startOfSecond();
        self::play(config('stall.oakum.address').'/play/calendar', ['day' => $day]);
        ($this->pull)('oakum');
        if (isset(self::KILNFOLD[$day])) {
            self::play(config('stall.kilnfold.address').'/play/'.self::KILNFOLD[$day]);
            ($this->pull)('feed');
        }
        $this->decide();
        if (isset(self::SALES[$day])) {
            ($this->buy)(self::SALES[$day]);
        }
        $this->date(self::LENGTH - $day);
    }

    /** Costs and what came or went are agreed to; words stay as they were agreed. */
    private function decide(): void
    {
        $words = [ChangeKind::Title, ChangeKind::Words, ChangeKind::Pictures];
        $asks = DriftChange::query()->where('stall_id', $this->stall->id)->where('standing', 'asks')->get();
        foreach ([false, true] as $agree) {
            $some = $asks->filter(static fn (DriftChange $c): bool => in_array($c->kind, $words, true) !== $agree);
            if ($some->isNotEmpty()) {
                $ids = array_values(array_map(intval(...), $some->pluck('id')->all()));
                app(Decide::class)($this->stall, $this->keeper, $ids, $agree);
            }
        }
    }

    /** Moves the times of what was done since to so many days ago, at half past six in the morning. */
    private function date(int $ago): void
    {
        $at = Carbon::now()->subDays($ago)->setTime(6, 30);
        foreach (self::TIMES as $table => $columns) {
            // What was sold before the month keeps its time.
            if ($table === 'orders' && $ago === self::LENGTH) {
                continue;
            }
            foreach ($columns as $column) {
                DB::table($table)
                    ->where('stall_id', $this->stall->id)
                    ->where($column, '>=', $this->began->toDateTimeString())
                    ->update([$column => $at]);
            }
        }
    }

    /** @param  array<string, int|string>  $form */
    public static function play(string $address, array $form = []): void
    {
        Http::asForm()->withOptions(['allow_redirects' => false])->post($address, $form)->throw();
    }
}
