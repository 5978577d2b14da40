<?php

declare(strict_types=1);

namespace WindowStall\Window;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;
use WindowStall\Offers\Code;
use WindowStall\Stall\Stall;
use WindowStall\Window\Goods\TagsOfGoods;
use WindowStall\Window\Trying\Trial;
use WindowStall\Window\Written\WrittenPage;

/**
 * A stall's look and homepage: the working copy, and which revision shoppers see.
 *
 * @property int $stall_id
 * @property array<mixed> $working
 * @property int $version counts the savings of the working copy
 * @property int|null $published_id
 * @property Carbon|null $turns_at when what shoppers see changes next by the calendar alone
 * @property list<string> $waved keys of findings that were waved away
 * @property list<string> $sample_words what the first version said, as {@see PageWords::all()} says it
 * @property list<string>|null $audited what the phone audit found when it was last looked at; null where it never was
 * @property Carbon $updated_at
 * @property-read WindowRevision|null $published
 */
final class Window extends Model implements Dressed
{
    protected $primaryKey = 'stall_id';

    public $incrementing = false;

    /** @var array<string, mixed> as the table has it */
    protected $attributes = ['waved' => '[]', 'sample_words' => '[]'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['working' => 'array', 'turns_at' => 'datetime', 'waved' => 'array', 'sample_words' => 'array', 'audited' => 'array'];
    }

    /** @return HasOne<self, Stall> a stall's */
    public static function of(Stall $stall): HasOne
    {
        return $stall->hasOne(self::class);
    }

    /** @return BelongsTo<Stall, $this> */
    public function stall(): BelongsTo
    {
        return $this->belongsTo(Stall::class);
    }

    /** @return BelongsTo<WindowRevision, $this> */
    public function published(): BelongsTo
    {
        return $this->belongsTo(WindowRevision::class, 'published_id');
    }

    public function workingContent(): Content
    {
        return Content::saved($this->working);
    }

    public function holding(Content $content): array
    {
        return ['working' => $content->toArray()];
    }

    public function page(): ?int
    {
        return null;
    }

    /** How many words of the first version still stand as the program wrote them. */
    public function untouched(Content $content): int
    {
        return count(array_intersect($this->sample_words, PageWords::all($content)));
    }

    public function publishedContent(): ?Content
    {
        return $this->published?->state();
    }

    /** Notes when what shoppers see changes next by the calendar alone, on the front page or on one they wrote. */
    public function turnNext(): void
    {
        $stall = Stall::query()->findOrFail($this->stall_id);
        $due = WindowRevision::query()->where('stall_id', $this->stall_id)->whereNotNull('due_at')->min('due_at');
        $pages = WrittenPage::query()->where('stall_id', $this->stall_id)->whereNotNull('shown')->get();
        $times = array_filter([
            $due === null ? null : Carbon::parse((string) $due),
            $this->publishedContent()?->turns(),
            TagsOfGoods::turns($stall),
            Code::turns($stall),
            ...$pages->map(static fn (WrittenPage $page): ?Carbon => $page->publishedContent()?->turns()),
        ]);
        $this->update(['turns_at' => $times === [] ? null : min($times)]);
        Trial::follow($stall, $this);
    }
}
