<?php

declare(strict_types=1);

namespace WindowStall\Drift\Following;

use Illuminate\Support\Collection;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\MakeUp\VariantSource;
use WindowStall\Bench\Prices\Price;
use WindowStall\Core\Drift\Docket\Docket;
use WindowStall\Core\Drift\Docket\Effect;
use WindowStall\Core\Drift\Docket\EffectKind;
use WindowStall\Core\Drift\Docket\News;
use WindowStall\Core\Drift\Docket\Own;
use WindowStall\Core\Drift\Docket\Question;
use WindowStall\Core\Drift\Docket\Sold;
use WindowStall\Core\Source\Item;
use WindowStall\Drift\DriftChange;
use WindowStall\Drift\Rules\Rules;
use WindowStall\Runs\Run;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;

/** Opens the docket of one listing from its rows, lets it hear what its suppliers said, and writes what comes of it. */
final class ListingDocket
{
    /** @var list<News> */
    private array $news = [];

    /** @var array<int, SupplierItem> its items, the first first */
    private array $items = [];

    /** @var Collection<int, ListingVariant> those that a change or a question is about, by id */
    private Collection $variants;

    /** @var \WeakMap<Question, DriftChange> what is on record of each question */
    private \WeakMap $rows;

    /** @param  Collection<int, DriftChange>  $open  its changes that ask or are kept by a rule, the oldest first */
    public function __construct(
        private readonly Stall $stall,
        private readonly Listing $listing,
        private readonly Collection $open,
        private readonly ?Run $run,
        private readonly JudgedBook $book,
        private readonly Recognise $recognise,
    ) {
        $this->rows = new \WeakMap;
    }

    /** @return list<string> the suppliers' ids of its variants that something was said of */
    public function read(): array
    {
        $agreed = $this->listing->agreedWords?->item();
        if ($this->listing->supplierItem === null || $agreed === null) {
            return [];
        }
        $this->hearOf($this->listing->supplierItem, $agreed, whole: true);
        foreach ($this->listing->joined as $joined) {
            $then = $joined->agreedWords?->item();
            if ($joined->supplierItem !== null && $then !== null) {
                $this->hearOf($joined->supplierItem, $then, whole: false);
            }
        }

        return array_merge(...array_map(static fn (News $news): array => $news->variants(), $this->news));
    }

    /**
     * Judges what was read; what comes of it is written by the book, once it is closed.
     *
     * @param  Collection<int, ListingVariant>  $variants  its variants that a change or a question is about
     */
    public function judge(Collection $variants): void
    {
        $item = $this->listing->supplierItem;
        if ($item === null || $this->news === []) {
            return;
        }
        $this->variants = $variants->keyBy('id');
        $docket = $this->docket();
        foreach ($this->news as $news) {
            foreach ($docket->hear($news) as $effect) {
                $this->write($effect);
            }
        }
        foreach ($this->listing->joined as $joined) {
            $joined->update(['agreed_words_id' => $joined->supplierItem->words_id ?? $joined->agreed_words_id]);
        }
        $gone = $item->gone_at !== null;
        if ($gone !== $this->listing->supplier_gone || $docket->waiting() !== $this->listing->waiting) {
            $this->listing->update(['supplier_gone' => $gone, 'waiting' => $docket->waiting()]);
        }
        $this->book->read($this->listing->id, $item->words_id ?? $this->listing->agreed_words_id);
    }

    private function hearOf(SupplierItem $item, Item $agreed, bool $whole): void
    {
        $this->items[$item->id] = $item;
        $moved = $whole && $this->listing->supplier_gone !== ($item->gone_at !== null);
        $this->news[] = new News(
            item: $item->id,
            agreed: $agreed,
            now: $item->words?->item() ?? $agreed,
            whole: $whole,
            offered: $moved ? $this->recognise->leftOrBack($item) : null,
        );
    }

    private function docket(): Docket
    {
        $rules = [];
        foreach ($this->items as $id => $item) {
            $rules[$id] = Rules::for($this->stall, $item->connection, $this->listing);
        }

        return new Docket(
            own: new Own(
                title: $this->listing->own_title !== null,
                words: $this->listing->own_words !== null,
                pictures: $this->listing->own_pictures !== null,
                part: $this->listing->own_part,
            ),
            policies: $rules,
            sold: array_values($this->variants->map($this->sold(...))->all()),
            questions: $this->questions(),
            waiting: $this->listing->waiting,
            sources: $this->sources(),
        );
    }

    private function sold(ListingVariant $variant): Sold
    {
        return new Sold(
            key: $variant->id,
            item: (int) $variant->supplierVariant?->supplier_item_id,
            code: $variant->external_id,
            byHand: $variant->own_price_minor !== null,
            waits: $variant->waiting_price_minor !== null,
            priced: $variant->priceIn($this->stall->home_market)?->price_minor !== null,
        );
    }

    /** @return list<Question> each with its row at hand */
    private function questions(): array
    {
        $questions = [];
        foreach ($this->open as $row) {
            $questions[] = $question = OpenQuestion::of($row);
            $this->rows[$question] = $row;
        }

        return $questions;
    }

    /** @return array<int, list<string>> item → those that are offered anew and stand behind a variant as a source */
    private function sources(): array
    {
        $sources = [];
        foreach ($this->news as $news) {
            $new = $news->newVariants();
            $behind = $new === [] ? [] : VariantSource::query()
                ->join('supplier_variants AS offered', 'offered.id', 'variant_sources.supplier_variant_id')
                ->whereIn('listing_variant_id', $this->listing->variants()->select('id'))
                ->where('offered.supplier_item_id', $news->item)
                ->whereIn('offered.external_id', $new)
                ->pluck('offered.external_id')->all();
            $sources[$news->item] = array_values(array_map(strval(...), $behind));
        }

        return $sources;
    }

    private function write(Effect $effect): void
    {
        $question = $effect->question;
        match ($effect->kind) {
            EffectKind::Noted => $this->note($effect),
            EffectKind::WentOn => $this->goOn($question),
            EffectKind::TakenBack => $this->row($question)->update(OpenQuestion::takenBack($question)),
            EffectKind::PriceWaits => $this->variant($question)?->update([
                'waiting_price_minor' => $this->price($question)?->price_minor,
            ]),
            EffectKind::PriceFree => $this->variant($question)?->update(['waiting_price_minor' => null]),
            EffectKind::CarriedOut => $this->book->carryOut($this->row($question)),
        };
    }

    private function goOn(Question $question): void
    {
        $row = $this->row($question);
        $row->fill(OpenQuestion::wentOn($row, $question, $this->run))->save();
    }

    /** What is done to the listing at once has its row first; all others are written together. */
    private function note(Effect $effect): void
    {
        $price = $this->price($effect->question);
        $row = [
            'stall_id' => $this->stall->id,
            'listing_id' => $this->listing->id,
            'connection_id' => $this->items[$effect->question->item]->connection_id,
            'price_was' => $price?->price_minor,
            'keep_was' => $price?->keep_minor,
        ] + OpenQuestion::noted($effect, $this->run);
        if ($effect->question->carriesOut()) {
            $this->rows[$effect->question] = new DriftChange($row);
        } else {
            $this->book->change($row);
        }
    }

    private function row(Question $question): DriftChange
    {
        return $this->rows[$question];
    }

    private function variant(Question $question): ?ListingVariant
    {
        return $this->variants->get((int) $question->sold);
    }

    private function price(Question $question): ?Price
    {
        return $this->variant($question)?->priceIn($this->stall->home_market);
    }
}
