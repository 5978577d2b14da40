<?php

declare(strict_types=1);

namespace WindowStall\Opening;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Core\Opening\Steps\FirstStep;
use WindowStall\Core\Opening\Steps\StepsDone;
use WindowStall\Core\Policies\PolicyKind;
use WindowStall\Counter\Payment\PaymentConnection;
use WindowStall\Opening\Rehearsal\Rehearsal;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Print\PrintsHere;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Window\Policies\Particulars;
use WindowStall\Window\Policies\PolicyVersion;
use WindowStall\Window\Window;

/** Looks at which first steps of a stall are done; asked only until its shop was opened once. */
final class FirstSteps
{
    public static function done(Stall $stall): StepsDone
    {
        $states = Listing::of($stall)->selectRaw('state, count(*) AS listings, count(*) FILTER (WHERE made) AS made')
            ->fromSub(self::listings($stall), 'listings')->groupBy('state')->get();
        $of = static fn (string $count, ?ListingState $state = null): int => (int) $states
            ->filter(static fn (Listing $row): bool => $state === null || $row->state === $state)
            ->sum($count);

        $p = Particulars::of($stall);
        $rehearsal = Rehearsal::of($stall)->whereNotNull('ended_at')->latest('id')->first();
        $is = [
            FirstStep::Supplier->value => SupplierConnection::of($stall)->whereNull('disconnected_at')->exists(),
            FirstStep::Goods->value => $of('listings') > 0,
            FirstStep::Printer->value => PrintsHere::connected($stall),
            FirstStep::Artwork->value => Artwork::of($stall)->exists(),
            FirstStep::Made->value => $of('made') > 0,
            FirstStep::Window->value => $of('listings', ListingState::InWindow) > 0,
            FirstStep::Shop->value => self::dressed(Window::query()->with('published')->findOrFail($stall->id)),
            FirstStep::Who->value => ! in_array('', [trim((string) $p->trader), trim((string) $p->street), trim((string) $p->email)], true),
            FirstStep::Policies->value => count(PolicyVersion::now($stall)) >= count(PolicyKind::cases()),
            FirstStep::Payment->value => PaymentConnection::of($stall)->live,
            FirstStep::Rehearsal->value => $rehearsal !== null && $rehearsal->rolled()->stuck() === [],
            FirstStep::Open->value => $stall->open,
        ];

        return new StepsDone(array_values(array_map(FirstStep::from(...), array_keys(array_filter($is)))));
    }

    /** Whether somebody published it, and shoppers read none of the words that the program drafted. */
    private static function dressed(Window $window): bool
    {
        $published = $window->publishedContent();

        return $published !== null && $window->published?->published_by !== null && $window->untouched($published) === 0;
    }

    /** @return \Illuminate\Database\Query\Builder their states, and whether they are printed for the stall */
    private static function listings(Stall $stall): \Illuminate\Database\Query\Builder
    {
        return Listing::of($stall)
            ->join('supplier_items AS item', 'item.id', '=', 'listings.supplier_item_id')
            ->selectRaw('listings.state, listings.deleted_at, listings.stall_id, item.made_from_id IS NOT NULL AS made')
            ->toBase();
    }
}
