<?php

declare(strict_types=1);

namespace WindowStall\Core\Words;

/** A sentence of a supplier's prose that doesn't belong on the page, and why. */
final readonly class Junk
{
    /** Phrases that stand in any supplier's prose whatever the goods. */
    private const BOILERPLATE = [
        'dear (friend|buyer|customer)',
        'welcome (to )?(our|my) (store|shop)',
        '(high|good|best) quality',
        'brand new',
        '100% new',
        'due to (the )?(light|monitor|screen|manual)',
        'because of (the )?(light|monitor)',
        'colou?r (may|might) (be )?(a )?(little )?different',
        'please allow',
        'manual measurement',
        'package (include|content)',
        'no retail (box|package)',
        'please understand',
        'any question',
        'contact us',
        'we (will )?reply',
        'within 24 hours',
        'in 24 hours',
        'wholesale welcome',
        'drop ?shipping',
        'feedback',
        '5 stars?',
        'five stars?',
        'comfortable hand feel',
        'durable in use',
        'exquisite workmanship',
        'selected material',
        'best choice',
        'gift (to|for) (mother|father|your)',
        'good for you',
        'hot sale',
        'note ?:',
        'feature ?:',
        'specification ?:',
        'add to cart',
        'buy it now',
        'don.t hesitate',
        'number one shop',
        'follow us',
        '\d+ ?% off',
    ];

    private const CONTACT =
        '/[\w.+-]+@[\w-]+(\.[\w-]+)+|\+\d[\d\s()\/-]{7,}\d|(?<!\d)\d{2,5}[\s()\/-]+\d[\d\s()\/-]{5,}\d|whats '.
        '?app|we ?chat|telegram|skype/iu';

    private function __construct(public JunkKind $kind, public string $sentence)
    {
    }

    /**
     * Sentence by sentence; the worst reason of each.
     *
     * @param  string  $text  plain text, paragraphs parted by newlines
     * @param  list<string>  $own  names that are the seller's own: stall, hosts
     * @return list<self>
     */
    public static function in(string $text, array $own = []): array
    {
        $found = [];
        foreach (self::sentences($text) as $sentence) {
            $kind = self::kind($sentence, $own);
            if ($kind !== null) {
                $found[] = new self($kind, $sentence);
            }
        }

        return $found;
    }

    /** @return list<string> */
    public static function sentences(string $text): array
    {
        $parts = preg_split('/(?<=[.!?。！？])\s+|\n+/u', trim($text)) ?: [];

        return array_values(array_filter(array_map(trim(...), $parts), static fn (string $s): bool => $s !== ''));
    }

    /** @param  list<string>  $own */
    private static function kind(string $sentence, array $own): ?JunkKind
    {
        if (preg_match(self::CONTACT, $sentence) === 1) {
            return JunkKind::Contact;
        }
        $own = array_map(mb_strtolower(...), $own);
        preg_match_all(
            '~(?:https?://)?(?:[\w-]+\.)+[a-z]{2,}(?:/\S*)?|(?:at|from|by|visit|exclusive '.
            'at)\s+((?:\p{Lu}[\p{L}’]+\s+){1,3}(?:Shop|Store|Bazaar|Market|Mall|Outlet|Boutique|Emporium|Trading|Supply)\b)~u',
            $sentence,
            $m,
            PREG_SET_ORDER,
        );
        foreach ($m as $match) {
            $name = mb_strtolower(trim($match[1] ?? $match[0]));
            if (array_filter($own, static fn (string $o): bool => $o !== '' && str_contains($name, $o)) === []) {
                return JunkKind::OtherShop;
            }
        }

        return preg_match('/\b(?:'.implode('|', self::BOILERPLATE).')/iu', $sentence) === 1
            ? JunkKind::Boilerplate
            : null;
    }
}
