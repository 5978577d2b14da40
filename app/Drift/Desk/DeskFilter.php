<?php

declare(strict_types=1);

namespace WindowStall\Drift\Desk;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;
use WindowStall\Drift\DriftChange;
use WindowStall\Support\Http\Typed;

/** What somebody looks for on the desk: words in a listing's title or a variant's name, or prices under their floor. */
final readonly class DeskFilter
{
    private const LONGEST = 80;

    /** The same in the statement that counts groups. */
    public const SQL = <<<'SQL'
        (
            :words = ''
            OR listing.shown_title ILIKE :pattern
            OR drift_changes.about ILIKE :pattern
            OR drift_changes.variant ILIKE :pattern
        )
          AND (NOT :floor::boolean OR drift_changes.under_floor)
        SQL;

    public function __construct(public string $words = '', public bool $underFloor = false)
    {
    }

    public static function of(Request $request): self
    {
        return new self(
            words: mb_substr(trim(Typed::text($request, 'q')), 0, self::LONGEST),
            underFloor: Typed::text($request, 'floor') === '1',
        );
    }

    /** @return array{words: string, pattern: string, floor: string} for {@see SQL} */
    public function bindings(): array
    {
        return ['words' => $this->words, 'pattern' => $this->pattern(), 'floor' => $this->underFloor ? 't' : 'f'];
    }

    /**
     * @param  Builder<DriftChange>  $changes
     * @return Builder<DriftChange>
     */
    public function narrow(Builder $changes): Builder
    {
        return $changes
            ->when($this->underFloor, fn (Builder $q) => $q->where('under_floor', true))
            ->when($this->words !== '', fn (Builder $q) => $q->where(fn (Builder $w) => $w
                ->whereHas('listing', fn (Builder $l) => $l->where('shown_title', 'ilike', $this->pattern()))
                ->orWhere('about', 'ilike', $this->pattern())
                ->orWhere('variant', 'ilike', $this->pattern())));
    }

    private function pattern(): string
    {
        return '%'.addcslashes($this->words, '%_\\').'%';
    }
}
