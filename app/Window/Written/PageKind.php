<?php

declare(strict_types=1);

namespace WindowStall\Window\Written;

/** What a page of the shop is for. */
enum PageKind: string
{
    case About = 'about';
    case Contact = 'contact';
    case Questions = 'questions';
    case Other = 'other';

    public function heading(): string
    {
        return match ($this) {
            self::About => 'About us',
            self::Contact => 'Write to us',
            self::Questions => 'Questions',
            self::Other => 'A page',
        };
    }

    /** Whether it says something without words of its own. */
    public function speaks(): bool
    {
        return $this === self::Contact;
    }
}
