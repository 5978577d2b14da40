<?php

declare(strict_types=1);

namespace WindowStall\Core\Reviews;

/** Why a review isn't shown before somebody has looked at it. */
enum HeldFor: string
{
    /** Leads away, or asks to be written to. */
    case Link = 'link';

    case Abuse = 'abuse';

    /** A picture came along; what it shows no program knows. */
    case Picture = 'picture';

    private const LINK = '~(?:https?://|www\.)|[\w.+-]+@[\w-]+\.\w{2,}|\b[a-z0-9-]{2,}\.(?:com|net|org|info|shop|store|biz|xyz|top|link|example'
        .'|[a-z]{2})\b(?:/|\b)~iu';

    /**
     * What in a review has to be looked at.
     *
     * @param  string  $words  as its shopper wrote them
     * @return list<self>
     */
    public static function in(string $words, int $pictures): array
    {
        return array_values(array_filter([
            preg_match(self::LINK, $words) === 1 ? self::Link : null,
            self::abuses($words) ? self::Abuse : null,
            $pictures > 0 ? self::Picture : null,
        ]));
    }

    /** As the seller reads it. */
    public function words(): string
    {
        return match ($this) {
            self::Link => 'it leads somewhere else, or asks to be written to',
            self::Abuse => 'it abuses somebody',
            self::Picture => 'a picture came along',
        };
    }

    private static function abuses(string $words): bool
    {
        /** @var list<string> $abuse */
        $abuse = require __DIR__.'/abuse.php';

        return preg_match('/(?<!\p{L})(?:'.implode('|', $abuse).')(?!\p{L})/iu', $words) === 1;
    }
}
