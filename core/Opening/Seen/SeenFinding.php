<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Seen;

/** What could be better of a page where others show it. */
enum SeenFinding: string
{
    case NoTitle = 'no_title';
    case TitleCut = 'title_cut';
    case TitleTwice = 'title_twice';
    case NoWords = 'no_words';
    case FewWords = 'few_words';
    case WordsTwice = 'words_twice';
    case NoPicture = 'no_picture';

    public function words(): string
    {
        return match ($this) {
            self::NoTitle => 'it has no title',
            self::TitleCut => 'its title is cut',
            self::TitleTwice => 'another page has the same title',
            self::NoWords => 'no words describe it',
            self::FewWords => 'few words describe it',
            self::WordsTwice => 'another page is described the same',
            self::NoPicture => 'no picture goes along when it is shared',
        };
    }
}
