<?php

declare(strict_types=1);

namespace WindowStall\Window\Trying;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use WindowStall\Core\Trying\Verdict;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Window\Section;
use WindowStall\Window\Window;
use WindowStall\Window\Written\WrittenPage;

/**
 * Two versions of sections, each shown to half of those who look. It begins when sections for halves are published, anew when
 * they are published otherwise, and ends when none are any more.
 *
 * @property int $id
 * @property int $stall_id
 * @property string $parts hash of the sections that are shown to a half
 * @property Verdict $verdict
 * @property Carbon $begun_at
 * @property Carbon|null $answered_at
 * @property Carbon|null $ended_at
 */
final class Trial extends Model
{
    public $timestamps = false;

    /** @var array<string, mixed> as the table has it */
    protected $attributes = ['verdict' => 'open'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['verdict' => Verdict::class, 'begun_at' => 'datetime', 'answered_at' => 'datetime', 'ended_at' => 'datetime'];
    }

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    /** The one whose sections shoppers see, be it answered or not. */
    public static function now(Stall $stall): ?self
    {
        return self::of($stall)->whereNull('ended_at')->latest('id')->first();
    }

    /** Whether shoppers are sent to halves. */
    public function runs(): bool
    {
        return $this->verdict === Verdict::Open;
    }

    /** Whether anybody sees what is for that half. */
    public function shows(string $half): bool
    {
        return match ($this->verdict) {
            Verdict::Open => true,
            Verdict::Second => $half === 'second',
            default => $half === 'first',
        };
    }

    /** Writes down the answer, once, and has pages made anew without the half it is against. */
    public function answer(Stall $stall, Verdict $verdict): void
    {
        $answered = self::of($stall)
            ->whereKey($this->id)
            ->where('verdict', Verdict::Open)
            ->whereNull('ended_at')
            ->update(['verdict' => $verdict, 'answered_at' => now()]);
        if ($answered === 1) {
            StalePages::frame($stall);
        }
    }

    /** Begins, goes on or ends by what is published now. */
    public static function follow(Stall $stall, Window $window): void
    {
        $parts = self::parts($stall, $window);
        $now = self::now($stall);
        if (($now->parts ?? null) === $parts) {
            return;
        }
        self::of($stall)->whereNull('ended_at')->update(['ended_at' => now()]);
        if ($parts !== null) {
            self::of($stall)->create(['parts' => $parts, 'begun_at' => now()]);
        }
    }

    /** @return string|null null where nothing is shown to a half */
    private static function parts(Stall $stall, Window $window): ?string
    {
        $pages = WrittenPage::dressed($stall)->whereNotNull('shown')->orderBy('id')->get();
        $halved = [];
        foreach ([$window->publishedContent(), ...$pages->map(static fn (WrittenPage $p) => $p->publishedContent())->all()] as $n => $content) {
            foreach ($content->sections ?? [] as $section) {
                if (self::isHalved($section)) {
                    $halved[] = [$n, $section->toArray()];
                }
            }
        }

        return $halved === [] ? null : md5((string) json_encode($halved));
    }

    private static function isHalved(Section $section): bool
    {
        return $section->showing->half !== '' && ! $section->showing->hidden && ! $section->kind->always();
    }
}
