<?php

declare(strict_types=1);

namespace WindowStall\Drift;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\MakeUp\VariantSource;
use WindowStall\Core\Drift\Change;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Circumstances;
use WindowStall\Core\Drift\Drift;
use WindowStall\Core\Drift\Ruling;
use WindowStall\Core\Drift\Standing;
use WindowStall\Core\Facts\Policies;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Item;
use WindowStall\Runs\Run;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;

/** One listing while what its suppliers changed is judged: rules are asked, and what has to wait is put by. */
final class JudgedListing
{
    /** @var array{title?: string, words?: string, pictures?: list<string>} */
    private array $waiting;

    /** @var array<int, Item|null> */
    private array $now = [];

    /** @var list<array{SupplierItem, Change}> what its suppliers say otherwise, in their order */
    private array $changes = [];

    /** @var array<int, Policies> */
    private array $rules = [];

    /** @var Collection<int, ListingVariant> those that a change or a question is about */
    private Collection $variants;

    /** @var array<string, list<ListingVariant>> the same by the suppliers' ids */
    private array $byCode = [];

    /** @var array<string, list<DriftChange>> its changes that ask or are kept, by what they are about */
    private array $openBy = [];

    /** @param  Collection<int, DriftChange>  $open  its changes that ask or are kept by a rule */
    public function __construct(
        private readonly Stall $stall,
        private readonly Listing $listing,
        private readonly Collection $open,
        private readonly ?Run $run,
        private readonly JudgedBook $book,
        private readonly Recognise $recognise,
    ) {
        $this->waiting = $listing->waiting;
        foreach ($open as $row) {
            $this->openBy[self::about($row->supplier_item_id, $row->kind, $row->variant)][] = $row;
        }
    }

    /** @return list<string> the suppliers' ids of its variants that something was said of */
    public function read(): array
    {
        $item = $this->listing->supplierItem;
        $agreed = $this->listing->agreedWords?->item();
        if ($item === null || $agreed === null) {
            return [];
        }
        $this->words($item, $agreed, whole: true);
        foreach ($this->listing->joined as $joined) {
            $then = $joined->agreedWords?->item();
            if ($joined->supplierItem !== null && $then !== null) {
                $this->words($joined->supplierItem, $then, whole: false);
            }
        }
        $variants = array_map(static fn (array $change): ?string => $change[1]->variantId, $this->changes);

        return array_values(array_filter($variants, is_string(...)));
    }

    /**
     * Judges what was read; what comes of it is written by the book, once it is closed.
     *
     * @param  Collection<int, ListingVariant>  $variants  its variants that a change or a question is about
     */
    public function judge(Collection $variants): void
    {
        $item = $this->listing->supplierItem;
        if ($item === null || $this->listing->agreedWords === null) {
            return;
        }
        $this->variants = $variants;
        foreach ($variants as $variant) {
            $this->byCode[$variant->external_id][] = $variant;
        }
        $this->gone($item);
        foreach ($this->changes as [$of, $change]) {
            $this->change($of, $change);
        }
        foreach ($this->listing->joined as $joined) {
            $joined->update(['agreed_words_id' => $joined->supplierItem->words_id ?? $joined->agreed_words_id]);
        }
        $gone = $item->gone_at !== null;
        if ($gone !== $this->listing->supplier_gone || $this->waiting !== $this->listing->waiting) {
            $this->listing->update(['supplier_gone' => $gone, 'waiting' => $this->waiting]);
        }
        $this->book->read($this->listing->id, $item->words_id ?? $this->listing->agreed_words_id);
    }

    /** What a supplier says of an item now; read once. */
    private function now(SupplierItem $item): ?Item
    {
        return $this->now[$item->id] ??= $item->words?->item();
    }

    /** The rules for goods of a supplier in this listing; read once. */
    private function rules(SupplierItem $item): Policies
    {
        return $this->rules[$item->connection_id] ??= Rules::for($this->stall, $item->connection, $this->listing);
    }

    /** The item as a whole left the supplier's catalogue, or came back. */
    private function gone(SupplierItem $item): void
    {
        if ($this->listing->supplier_gone === ($item->gone_at !== null)) {
            return;
        }
        $as = $item->gone_at !== null ? $this->recognise->item($item) : null;
        $this->change($item, $as ?? ($item->gone_at !== null
            ? new Change(ChangeKind::ItemGone, null, 'The item', 'offered', 'no longer offered')
            : new Change(ChangeKind::ItemBack, null, 'The item', 'no longer offered', 'offered')));
    }

    /** @param  bool  $whole  whether title, words and pictures of the item are the listing's */
    private function words(SupplierItem $item, Item $agreed, bool $whole): void
    {
        foreach (Drift::between($agreed, $this->now($item) ?? $agreed)->changes as $change) {
            $ofItem = in_array($change->kind, [ChangeKind::Title, ChangeKind::Words], true);
            if ($whole || ! $ofItem) {
                $this->changes[] = [$item, $change];
            }
        }
    }

    private function change(SupplierItem $item, Change $change): void
    {
        $variant = $this->variant($item, $change);
        $concerns = ! $this->settled($item, $change) && $this->concerns($item, $change, $variant);
        if (! $concerns || $this->goesOn($item, $change, $variant)) {
            return;
        }
        $held = $this->held($change, $variant);
        $ruling = Ruling::on($change->kind, $this->rules($item), new Circumstances($held, $change->movedBp));
        $price = $variant?->priceIn($this->stall->home_market);
        // Where the seller's own word stands nothing has to wait; given back, the field follows what is said then.
        if ($ruling->standing !== Standing::Followed && ! $held) {
            $this->putBy($change, $variant, $price?->price_minor);
        }
        $row = [
            'stall_id' => $this->stall->id,
            'listing_id' => $this->listing->id,
            'connection_id' => $item->connection_id,
            'supplier_item_id' => $item->id,
            'listing_variant_id' => $variant?->id,
            'run_id' => $this->run?->id,
            'kind' => $change->kind,
            'variant' => (string) $change->variantId,
            'about' => mb_substr($change->about, 0, 300),
            'before' => $change->before,
            'after' => $change->after,
            'said' => $change->said,
            'standing' => $ruling->standing,
            'rule' => mb_substr($ruling->rule, 0, 200),
            'moved_bp' => $change->movedBp,
            'price_was' => $price?->price_minor,
            'keep_was' => $price?->keep_minor,
            'at' => Carbon::now()->toDateTimeString(),
        ];
        $this->follows($change->kind, $ruling->standing)
            ? $this->book->carryOut(new DriftChange($row))
            : $this->book->change($row);
    }

    /**
     * What changes a listing's make-up is done to it where rules let it; words, costs and stock count by themselves.
     */
    private function follows(ChangeKind $kind, Standing $standing): bool
    {
        $makeUp = [
            ChangeKind::VariantNew,
            ChangeKind::VariantGone,
            ChangeKind::ItemGone,
            ChangeKind::ItemBack,
            ChangeKind::VariantRenamed,
            ChangeKind::ItemRenamed,
        ];

        return $standing === Standing::Followed && in_array($kind, $makeUp, true);
    }

    /** Whether a change is the listing's: of a variant it has, or a new one of its part. */
    private function concerns(SupplierItem $item, Change $change, ?ListingVariant $variant): bool
    {
        return match (true) {
            $change->kind === ChangeKind::VariantNew => $variant === null &&
                $this->belongs($item, $change) &&
                ! $this->isSource($item, $change),
            $change->variantId !== null => $variant !== null,
            default => true,
        };
    }

    /** The supplier took back what was open. */
    private function settled(SupplierItem $item, Change $change): bool
    {
        if ($change->kind === ChangeKind::VariantRenamed) {
            return $this->renamedAgain($item, $change);
        }
        if ($change->kind === ChangeKind::ItemBack) {
            $this->open($item, ChangeKind::ItemRenamed, null)?->update(DriftChange::TAKEN_BACK);
        }
        $opposite = $change->kind->opposite();
        $row = $opposite === null ? null : $this->open($item, $opposite, $change->variantId);
        if ($row === null) {
            return false;
        }
        $row->update(DriftChange::TAKEN_BACK);
        $this->cameBack($item, $row);

        return true;
    }

    /** A variant that was gone may cost something else by now. */
    private function cameBack(SupplierItem $item, DriftChange $gone): void
    {
        $variant = $gone->kind === ChangeKind::VariantGone ? $this->now($item)?->variant($gone->variant) : null;
        if ($variant !== null && is_int($gone->said) && $gone->said !== $variant->cost->minor) {
            $this->change($item, Drift::cost(new Money($gone->said, $variant->cost->currency), $variant));
        }
    }

    /** What asks whether it is another has a third code by now, or the first again. */
    private function renamedAgain(SupplierItem $item, Change $change): bool
    {
        $row = $this->open->first(static fn (DriftChange $row): bool => $row->supplier_item_id === $item->id
            && $row->kind === ChangeKind::VariantRenamed
            && $row->said === $change->variantId
            && $row->standing === Standing::Asks);
        $row?->update($row->variant === $change->said
            ? DriftChange::TAKEN_BACK
            : ['said' => $change->said, 'after' => $change->after]);

        return $row !== null;
    }

    /**
     * What was open already: what is said now takes the place of what was said then, or it is as it was agreed again.
     */
    private function goesOn(SupplierItem $item, Change $change, ?ListingVariant $sold): bool
    {
        $row = $this->open($item, $change->kind, $change->variantId);
        if ($row === null) {
            return false;
        }
        $now = $this->now($item);
        $said = $now === null ? null : Drift::said($now, $change->kind, (string) $change->variantId);
        if ($change->kind->waits() && $said === $row->said) {
            $row->update(['after' => $change->after] + DriftChange::TAKEN_BACK);
            $this->letGo($row);

            return true;
        }
        $was = $row->kind === ChangeKind::Cost && is_int($row->said) ? $row->said : null;
        $moved = $was === null || $was === 0 || ! is_int($said)
            ? $row->moved_bp
            : Drift::movedBp($was, $said);
        $row->fill([
            'after' => $change->after,
            'run_id' => $this->run->id ?? $row->run_id,
            'moved_bp' => $moved,
            'price_agreed' => null,
            'at' => Carbon::now(),
        ]);
        // Rules may say otherwise by now, or it moved back so far that nobody need be asked.
        $how = new Circumstances($this->held($change, $sold), $moved);
        $ruling = Ruling::on($change->kind, $this->rules($item), $how);
        if ($ruling->standing === Standing::Followed) {
            $row->fill(['standing' => Standing::Followed, 'rule' => mb_substr($ruling->rule, 0, 200)]);
            $this->letGo($row);
        }
        $row->save();
        $this->follows($row->kind, $row->standing) && $this->book->carryOut($row);

        return true;
    }

    private function open(SupplierItem $item, ChangeKind $kind, ?string $variant): ?DriftChange
    {
        foreach ($this->openBy[self::about($item->id, $kind, (string) $variant)] ?? [] as $row) {
            if ($row->standing === Standing::Asks || $row->standing === Standing::Kept && $this->standsBy($row)) {
                return $row;
            }
        }

        return null;
    }

    private static function about(int $item, ChangeKind $kind, string $variant): string
    {
        return $item.' '.$kind->value.' '.$variant;
    }

    /**
     * Whether what was agreed still stands because of a change that was kept; where the seller's own word does, it is
     * history.
     */
    private function standsBy(DriftChange $row): bool
    {
        return match ($row->kind) {
            ChangeKind::Title, ChangeKind::Words, ChangeKind::Pictures => isset($this->waiting[$row->kind->value]),
            ChangeKind::Cost => $this->variantOf($row)?->waiting_price_minor !== null,
            ChangeKind::VariantNew, ChangeKind::VariantGone, ChangeKind::ItemGone => true,
            default => false,
        };
    }

    private function variantOf(DriftChange $row): ?ListingVariant
    {
        return $this->variants->firstWhere('id', $row->listing_variant_id);
    }

    /** What was agreed goes on standing. */
    private function putBy(Change $change, ?ListingVariant $variant, ?int $price): void
    {
        match ($change->kind) {
            ChangeKind::Title => $this->waiting['title'] ??= (string) (is_string($change->said) ? $change->said : ''),
            ChangeKind::Words => $this->waiting['words'] ??= (string) (is_string($change->said) ? $change->said : ''),
            ChangeKind::Pictures => $this->waiting['pictures'] ??= is_array($change->said) ? $change->said : [],
            // A price that waits already was agreed before.
            ChangeKind::Cost => $variant?->update(['waiting_price_minor' => $variant->waiting_price_minor ?? $price]),
            default => null,
        };
    }

    /** A price goes on waiting where something else of its variant asks. */
    private function letGo(DriftChange $row): void
    {
        unset($this->waiting[$row->kind->value]);
        $others = $this->open->contains(static fn (DriftChange $other): bool => $other->id !== $row->id
            && $other->listing_variant_id === $row->listing_variant_id
            && $other->kind->prices()
            && $other->standing === Standing::Asks);
        if ($row->kind === ChangeKind::Cost && ! $others) {
            $this->variantOf($row)?->update(['waiting_price_minor' => null]);
        }
    }

    /** Whether the seller said this themselves. */
    private function held(Change $change, ?ListingVariant $variant): bool
    {
        return match ($change->kind) {
            ChangeKind::Title => $this->listing->own_title !== null,
            ChangeKind::Words => $this->listing->own_words !== null,
            ChangeKind::Pictures => $this->listing->own_pictures !== null,
            ChangeKind::Cost => $variant?->own_price_minor !== null,
            default => false,
        };
    }

    /** The listing's variant that a change is about; null where the seller left it out, or it is of another part. */
    private function variant(SupplierItem $item, Change $change): ?ListingVariant
    {
        foreach ($this->byCode[(string) $change->variantId] ?? [] as $row) {
            if ($change->variantId !== null && $row->supplierVariant?->supplier_item_id === $item->id) {
                return $row;
            }
        }

        return null;
    }

    /** Whether a variant that is offered again stands behind another as a further source. */
    private function isSource(SupplierItem $item, Change $change): bool
    {
        return VariantSource::query()
            ->whereIn('listing_variant_id', $this->listing->variants()->select('id'))
            ->whereHas('supplierVariant', static fn (Builder $of) => $of
                ->where('supplier_item_id', $item->id)
                ->where('external_id', $change->variantId))
            ->exists();
    }

    /** Whether a new variant is of this listing's part, when its item was split. */
    private function belongs(SupplierItem $item, Change $change): bool
    {
        $part = $this->listing->own_part;
        $said = $this->now($item)?->variant((string) $change->variantId);

        return $part === null || in_array($said->options[$part['option']] ?? '', $part['values'], true);
    }
}
