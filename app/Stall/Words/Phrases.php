<?php

declare(strict_types=1);

namespace WindowStall\Stall\Words;

use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;

/**
 * The seller's words in one of the shop's languages, found by the words themselves: what is said in several places is said
 * once, and what the seller words anew is missing until it is said anew. Words that are missing stand as they are, and so do
 * those of which there is but a draft.
 */
final class Phrases
{
    private const FIND = <<<'SQL'
        SELECT hash, said
        FROM phrases
        WHERE stall_id = ?
          AND language = ?
          AND hash = ANY (?::text[])
          AND NOT drafted
        SQL;

    /** As PCRE and PostgreSQL both read it. */
    public const SAME = '^\s*([^\s@]+@[^\s@]+|(https?|mailto|tel):\S*|[0-9., ×x]*[0-9] ?(mm|cm|m|g|kg|ml|cl|l)|X{0,4}[SML]|[A-Z0-9-]{2,8})\s*$';

    private const SAME_EVERYWHERE = '~'.self::SAME.'~u';

    /** @var array<string, string|null> by hash; null for what isn't said in this language */
    private array $known = [];

    /** @param  string|null  $language  null where the seller's words are in it already */
    private function __construct(private readonly int $stall, private readonly ?string $language)
    {
    }

    public static function of(Stall $stall): self
    {
        $language = $stall->seen()->language;

        return new self($stall->id, $language === $stall->language ? null : $language);
    }

    /** Looks several up at once that are going to be said. */
    public function prime(?string ...$phrases): self
    {
        if ($this->language === null) {
            return $this;
        }
        $hashes = [];
        foreach ($phrases as $phrase) {
            $hash = md5((string) $phrase);
            if (self::isWords((string) $phrase) && ! array_key_exists($hash, $this->known)) {
                $hashes[$hash] = null;
            }
        }
        if ($hashes !== []) {
            $this->known += array_column(
                DB::select(self::FIND, [$this->stall, $this->language, PgArray::texts(array_keys($hashes))]),
                'said',
                'hash',
            ) + $hashes;
        }

        return $this;
    }

    /** In this language, or as it is where it isn't said in it. */
    public function say(string $phrase): string
    {
        if ($this->language === null || ! self::isWords($phrase)) {
            return $phrase;
        }
        $this->prime($phrase);

        return $this->known[md5($phrase)] ?? $phrase;
    }

    /** What was chosen of several options, "Red · M". */
    public function chosen(string $values): string
    {
        $each = explode(' · ', $values);
        $this->prime(...$each);

        return implode(' · ', array_map($this->say(...), $each));
    }

    public function sayOrNull(?string $phrase): ?string
    {
        return $phrase === null ? null : $this->say($phrase);
    }

    /** Whether there is anything to be said in another language: an address, a measure or a size of clothing isn't. */
    public static function isWords(string $phrase): bool
    {
        return preg_match('/\p{L}{2}/u', $phrase) === 1 && preg_match(self::SAME_EVERYWHERE, $phrase) !== 1;
    }
}
