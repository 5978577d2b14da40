<?php

declare(strict_types=1);

namespace WindowStall\Window\Written;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use WindowStall\Stall\Stall;
use WindowStall\Support\RichText;

/**
 * A page of the shop that its seller writes: what is being written, and beside it what shoppers see.
 *
 * @phpstan-type Asked list<array{ask: string, answer: string}>
 *
 * @property int $id
 * @property int $stall_id
 * @property PageKind $kind
 * @property string $title
 * @property string $slug
 * @property string $words cleaned HTML
 * @property Asked $asked
 * @property string|null $search_title
 * @property string|null $search_words
 * @property bool $hidden found only by whoever has its address
 * @property int $version
 * @property array{title: string, words: string, asked: Asked}|null $shown
 * @property Carbon|null $shown_at
 */
final class WrittenPage extends Model
{
    /** @var array<string, mixed> as the table has it */
    protected $attributes = ['words' => '', 'asked' => '[]', 'hidden' => false, 'version' => 0];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => PageKind::class,
            'asked' => 'array',
            'hidden' => 'boolean',
            'shown' => 'array',
            'shown_at' => 'datetime',
        ];
    }

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    public function address(): string
    {
        return '/pages/'.$this->slug;
    }

    /** Whether nothing is written on it yet. */
    public function blank(): bool
    {
        return ! $this->kind->speaks() && RichText::plain($this->words) === '' && $this->answered() === [];
    }

    /** @return Asked those that have an answer */
    public function answered(): array
    {
        return array_values(array_filter(
            $this->asked,
            static fn (array $one): bool => trim($one['ask']) !== '' && trim($one['answer']) !== '',
        ));
    }

    /** @return array{title: string, words: string, asked: Asked} what would be shown */
    public function says(): array
    {
        return ['title' => $this->title, 'words' => $this->words, 'asked' => $this->answered()];
    }

    /** Whether what is written is what shoppers see. */
    public function same(): bool
    {
        return $this->shown === $this->says();
    }
}
