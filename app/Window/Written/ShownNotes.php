<?php

declare(strict_types=1);

namespace WindowStall\Window\Written;

use Illuminate\Support\Carbon;
use WindowStall\Core\Words\SearchCut;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Spoken;
use WindowStall\Window\Content;
use WindowStall\Window\Sections\OwnPicture;

/** The notes that shoppers see, the latest first. */
final class ShownNotes
{
    /** On one page of the list. */
    public const PAGE = 20;

    /** @return list<ShownNote> */
    public static function latest(Stall $stall, int $count, int $skip = 0): array
    {
        $notes = WrittenPage::notes($stall)->offset($skip)->limit($count)->get();

        return array_values($notes->map(static fn (WrittenPage $note): ShownNote => self::of($stall, $note))->all());
    }

    public static function count(Stall $stall): int
    {
        return WrittenPage::notes($stall)->count();
    }

    public static function day(WrittenPage $note): string
    {
        return $note->dated_on === null ? '' : Spoken::date($note->dated_on);
    }

    private static function of(Stall $stall, WrittenPage $note): ShownNote
    {
        $phrases = $stall->phrases();
        $content = ($note->publishedContent() ?? throw new \LogicException('A note that isn’t shown is in no list.'))->saying($phrases);

        return new ShownNote(
            id: $note->id,
            title: $phrases->say($note->shown['title'] ?? $note->title),
            href: $note->address(),
            day: self::day($note),
            on: $note->dated_on ?? Carbon::today(),
            words: $phrases->sayOrNull($note->search_words) ?? SearchCut::words(PageSays::plain($content)),
            picture: self::picture($stall, $content),
            changed: $note->shown_at ?? Carbon::now(),
        );
    }

    private static function picture(Stall $stall, Content $content): ?\WindowStall\Bench\Pictures\Picture
    {
        foreach ($content->sections as $section) {
            $picture = OwnPicture::of($stall, $section->settings['picture'] ?? null);
            if ($picture?->path !== null) {
                return $picture;
            }
        }

        return null;
    }
}
