<?php

declare(strict_types=1);

namespace WindowStall\Drift\Deciding;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\MakeUp\FoldTwin;
use WindowStall\Bench\MakeUp\OnListing;
use WindowStall\Bench\MakeUp\VariantSource;
use WindowStall\Bench\Undo\Snapshot;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Likeness;
use WindowStall\Drift\DriftChange;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;
use WindowStall\Support\RichText;

/**
 * Does to a listing what was decided about one change.
 *
 * @phpstan-import-type Waited from Snapshot
 */
final readonly class CarryOut
{
    private const PRICES_FOLLOW = <<<'SQL'
        UPDATE listing_variants
        SET waiting_price_minor = NULL, own_price_minor = NULL, own_under_floor = false
        WHERE id = ANY (?::bigint[])
        SQL;

    private const PRICES_STAY = <<<'SQL'
        UPDATE listing_variants AS variant
        SET waiting_price_minor = NULL,
            own_price_minor = COALESCE(variant.own_price_minor, variant.waiting_price_minor, change.was),
            own_under_floor = variant.own_under_floor OR change.under
        FROM unnest(:variants::bigint[], :was::bigint[], :under::boolean[]) AS change (variant, was, under)
        WHERE variant.id = change.variant
        SQL;

    private const PRICES_GO = <<<'SQL'
        UPDATE listing_variants AS variant
        SET waiting_price_minor = NULL
        WHERE variant.id = ANY (?::bigint[])
          AND NOT EXISTS (
              SELECT 1
              FROM drift_changes AS asked
              WHERE asked.listing_variant_id = variant.id
                AND asked.kind IN ('cost', 'delivery')
                AND asked.standing = 'asks'
          )
        SQL;

    private const PRICES_WAIT = <<<'SQL'
        UPDATE listing_variants AS variant
        SET waiting_price_minor = waited.price
        FROM unnest(:variants::bigint[], :prices::bigint[]) AS waited (variant, price)
        WHERE variant.id = waited.variant
        SQL;

    public function __construct(private RichText $richText)
    {
    }

    public function __invoke(Stall $stall, DriftChange $change, bool $agreed): void
    {
        // Several changes of one listing follow each other; each sees what the one before did.
        $listing = Listing::of($stall)->findOrFail($change->listing_id);
        match ($change->kind) {
            ChangeKind::Title, ChangeKind::Words, ChangeKind::Pictures => $this->word($listing, $change, $agreed),
            ChangeKind::Cost, ChangeKind::Delivery => $this->costs([$change], $agreed),
            ChangeKind::VariantNew => $agreed ? $this->bringIn($stall, $listing, $change) : null,
            ChangeKind::VariantGone => $agreed ? $this->takeOff($listing, $change) : null,
            ChangeKind::ItemGone => $agreed ? $listing->update(['state' => ListingState::PutBy]) : null,
            ChangeKind::ItemBack => $agreed ? $this->takeUp($listing) : null,
            ChangeKind::VariantRenamed => $agreed ? $this->rekey($change) : null,
            ChangeKind::ItemRenamed => $agreed ? $this->move($listing, $change) : null,
            default => null,
        };
    }

    /**
     * What waited over changes waits again.
     *
     * @param  list<DriftChange>  $changes
     * @param  Waited  $waited
     */
    public function putBy(array $changes, array $waited): void
    {
        $prices = [];
        foreach ($changes as $change) {
            $word = $waited['words'][$change->listing_id][$change->kind->value] ?? null;
            if ($change->kind->prices() && $change->listing_variant_id !== null) {
                $prices[$change->listing_variant_id] = $waited['prices'][$change->listing_variant_id] ?? null;
            } elseif ($word !== null) {
                $listing = Listing::query()->findOrFail($change->listing_id);
                $listing->update(['waiting' => [$change->kind->value => $word] + $listing->waiting]);
            }
        }
        DB::update(self::PRICES_WAIT, [
            'variants' => PgArray::numbers(array_keys($prices)),
            'prices' => self::numbers($prices),
        ]);
    }

    /** What was agreed needn't wait any longer: its supplier says it again. */
    public function letGo(DriftChange $change): void
    {
        if ($change->kind->prices()) {
            self::letPricesGo([(int) $change->listing_variant_id]);

            return;
        }
        $listing = Listing::query()->findOrFail($change->listing_id);
        $listing->update(['waiting' => array_diff_key($listing->waiting, [$change->kind->value => true])]);
    }

    /**
     * Prices of variants needn't wait any longer, but where something else of theirs still asks.
     *
     * @param  list<int>  $variants
     */
    public static function letPricesGo(array $variants): void
    {
        DB::update(self::PRICES_GO, [PgArray::numbers($variants)]);
    }

    /** What was agreed becomes the seller's own word, or makes way. */
    private function word(Listing $listing, DriftChange $change, bool $agreed): void
    {
        $waiting = $listing->waiting;
        unset($waiting[$change->kind->value]);
        $own = $agreed ? [] : match ($change->kind) {
            ChangeKind::Title => ['own_title' => is_string($change->said) ? mb_substr($change->said, 0, 300) : null],
            ChangeKind::Words => [
                'own_words' => is_string($change->said) ? $this->richText->clean($change->said) : null,
            ],
            default => ['own_pictures' => $this->pictures($listing, is_array($change->said) ? $change->said : [])],
        };
        $listing->update(['waiting' => $waiting] + $own);
    }

    /**
     * @param  list<string>  $sources
     * @return list<int>|null
     */
    private function pictures(Listing $listing, array $sources): ?array
    {
        $ids = $listing->pictures()->whereIn('source', $sources)->pluck('id', 'source')->all();
        $found = array_map(static fn (string $source): ?int => $ids[$source] ?? null, $sources);
        $kept = array_values(array_filter($found));

        return $kept === [] ? null : $kept;
    }

    /**
     * Many at once: prices follow their recipes again, or stay as they were by the seller's own word, under their floor
     * knowingly.
     *
     * @param  iterable<DriftChange>  $changes  of costs and delivery
     */
    public function costs(iterable $changes, bool $agreed): void
    {
        $was = $under = [];
        foreach ($changes as $change) {
            $variant = $change->listing_variant_id;
            if ($variant !== null) {
                $was[$variant] ??= $change->price_was;
                $under[$variant] = $change->under_floor || ($under[$variant] ?? false);
            }
        }
        $ids = PgArray::numbers(array_keys($was));
        if ($was !== [] && $agreed) {
            DB::update(self::PRICES_FOLLOW, [$ids]);
        } elseif ($was !== []) {
            DB::update(self::PRICES_STAY, [
                'variants' => $ids,
                'was' => self::numbers($was),
                'under' => '{'.implode(',', array_map(static fn (bool $so): string => $so ? 't' : 'f', $under)).'}',
            ]);
        }
    }

    /** @param  array<int|null>  $numbers */
    private static function numbers(array $numbers): string
    {
        return '{'.implode(',', array_map(static fn (?int $n): string => (string) ($n ?? 'NULL'), $numbers)).'}';
    }

    private function takeUp(Listing $listing): void
    {
        if ($listing->state === ListingState::PutBy) {
            $listing->update(['state' => ListingState::OnBench]);
        }
    }

    private function bringIn(Stall $stall, Listing $listing, DriftChange $change): void
    {
        $variant = SupplierVariant::query()->where('supplier_item_id', $change->supplier_item_id)
            ->where('external_id', $change->variant)->whereNull('gone_at')->first();
        if ($variant !== null) {
            OnListing::putOn($listing, $variant, on: true);
            FoldTwin::of($stall, $listing, $variant);
        }
    }

    /** The listing's variant is sold as the one of the new code from now on; price, options and orders stay with it. */
    private function rekey(DriftChange $change): void
    {
        $now = SupplierVariant::query()->where('supplier_item_id', $change->supplier_item_id)
            ->where('external_id', (string) (is_string($change->said) ? $change->said : ''))->first();
        if ($now !== null && $change->listingVariant !== null) {
            $this->sellAs($change->listingVariant, $now);
        }
    }

    /** The listing goes over to the item of the new code, variant by variant as they are recognised. */
    private function move(Listing $listing, DriftChange $change): void
    {
        $to = SupplierItem::query()->where('connection_id', $change->connection_id)
            ->where('external_id', (string) (is_string($change->said) ? $change->said : ''))->first();
        $was = $listing->supplierItem?->words?->item();
        $is = $to?->words?->item();
        if ($to === null || $was === null || $is === null) {
            return;
        }
        $as = Likeness::variants($was->variants, $is->variants);
        $now = SupplierVariant::query()->where('supplier_item_id', $to->id)->get()->keyBy('external_id');
        foreach ($listing->variants()->get() as $variant) {
            $same = $now->get($variant->external_id) ?? $now->get(($as[$variant->external_id][0] ?? null)->id ?? '');
            if ($same !== null) {
                $this->sellAs($variant, $same);
            }
        }
        $listing->update([
            'supplier_item_id' => $to->id,
            'supplier_gone' => false,
            // What was agreed stands: the next pull is judged by it, and asks about what is said otherwise now.
            'waiting' => $listing->waiting + ['title' => $was->title, 'words' => $was->description],
        ]);
    }

    private function sellAs(ListingVariant $variant, SupplierVariant $now): void
    {
        VariantSource::query()->where('listing_variant_id', $variant->id)
            ->where('supplier_variant_id', $variant->supplier_variant_id)->update(['supplier_variant_id' => $now->id]);
        $variant->update(['supplier_variant_id' => $now->id, 'external_id' => $now->external_id]);
    }

    /** One that another supplier sells as well stays; it only loses this source. */
    private function takeOff(Listing $listing, DriftChange $change): void
    {
        $variant = $change->listingVariant;
        if ($variant === null || $variant->listing_id !== $listing->id) {
            return;
        }
        VariantSource::query()->where('listing_variant_id', $variant->id)
            ->where('supplier_variant_id', $variant->supplier_variant_id)->delete();
        if ($variant->sources()->doesntExist()) {
            OnListing::takeOff([$variant->id]);
        }
    }
}
