<?php

declare(strict_types=1);

namespace WindowStall\Core\Bench;

use WindowStall\Core\Words\Junk;
use WindowStall\Core\Words\OptionWords;
use WindowStall\Core\Words\TitleHelp;

/**
 * What shoppers would read of a listing: title, description and options. What was left of a supplier's words, codes and
 * abbreviations keeps it on the bench until it is mended, or said to be meant.
 */
final readonly class Wording
{
    /** Kinds of notes about a title that keep it on the bench; others only advise. */
    private const TITLE = ['code', 'stuffing', 'shouting'];

    /** So much of a sentence is shown where it is named. Letters. */
    private const QUOTED = 60;

    /**
     * @param  string  $words  the description as plain text, paragraphs parted by newlines
     * @param  array<string, list<string>>  $options  name → values, as shoppers read them
     * @param  list<string>  $own  names that are the seller's own: stall, hosts
     * @param  list<string>  $meant  what the seller said is meant so: titles, sentences, names and values
     */
    public function __construct(
        public string $title = '',
        public string $words = '',
        public array $options = [],
        public array $own = [],
        public array $meant = [],
    ) {
    }

    /** @return list<Lack> in the order of the page */
    public function lacks(): array
    {
        return array_values(array_filter([$this->ofTitle(), $this->ofOptions(), $this->ofWords()]));
    }

    private function ofTitle(): ?Lack
    {
        if (in_array($this->title, $this->meant, true)) {
            return null;
        }
        foreach (TitleHelp::about($this->title) as $note) {
            if (in_array($note->kind, self::TITLE, true)) {
                return new Lack(ListingPart::Title, 'The title reads like a supplier’s: '.$note->words, [$this->title]);
            }
        }

        return null;
    }

    private function ofOptions(): ?Lack
    {
        $unclear = [];
        foreach ($this->options as $name => $values) {
            if (OptionWords::unclearName((string) $name)) {
                $unclear[] = (string) $name;
            }
            array_push($unclear, ...array_filter($values, OptionWords::unclearValue(...)));
        }
        $unclear = $this->notMeant(array_values(array_unique($unclear)));
        if ($unclear === []) {
            return null;
        }
        $named = implode(', ', array_map(static fn (string $u): string => '“'.$u.'”', array_slice($unclear, 0, 3)));

        return new Lack(
            ListingPart::Names,
            sprintf(
                'Shoppers would read %s%s. Give %s a plain name.',
                $named,
                count($unclear) > 3 ? sprintf(' and %d more such codes', count($unclear) - 3) : '',
                count($unclear) === 1 ? 'it' : 'each',
            ),
            $unclear,
        );
    }

    private function ofWords(): ?Lack
    {
        $junk = $this->notMeant(array_map(
            static fn (Junk $j): string => $j->sentence,
            Junk::in($this->words, $this->own),
        ));
        if ($junk === []) {
            return null;
        }
        $first = mb_strlen($junk[0]) > self::QUOTED ? mb_substr($junk[0], 0, self::QUOTED - 1).'…' : $junk[0];

        return new Lack(
            ListingPart::Words,
            count($junk) === 1
                ? sprintf('One sentence of the description isn’t about the thing: “%s”', $first)
                : sprintf('%d sentences of the description aren’t about the thing, such as “%s”', count($junk), $first),
            $junk,
        );
    }

    /**
     * @param  list<string>  $found
     * @return list<string>
     */
    private function notMeant(array $found): array
    {
        return array_values(array_diff($found, $this->meant));
    }
}
