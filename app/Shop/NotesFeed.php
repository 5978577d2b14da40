<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Support\Carbon;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;
use WindowStall\Window\Written\ShownNote;
use WindowStall\Window\Written\ShownNotes;
use XMLWriter;

/**
 * The latest notes as an Atom feed (RFC 4287). An entry is known by a tag URI (RFC 4151) that stays the same when its address
 * doesn't.
 */
final readonly class NotesFeed
{
    public const TYPE = 'application/atom+xml';

    private const NAMESPACE = 'http://www.w3.org/2005/Atom';

    private const ENTRIES = 30;

    public function __construct(private Stall $stall)
    {
    }

    public function write(): string
    {
        $notes = ShownNotes::latest($this->stall, self::ENTRIES);
        $changed = array_map(static fn (ShownNote $note): string => $note->changed->toAtomString(), $notes);
        $xml = new XMLWriter();
        $xml->openMemory();
        $xml->startDocument('1.0', 'UTF-8');
        $xml->startElement('feed');
        $xml->writeAttribute('xmlns', self::NAMESPACE);
        $xml->writeAttribute('xml:lang', $this->stall->seen()->language);
        $xml->writeElement('id', $this->at('/notes'));
        $xml->writeElement('title', $this->stall->name);
        $xml->writeElement('subtitle', Speech::say('shop.notes.heading'));
        $xml->writeElement('updated', $changed === [] ? $this->since()->toAtomString() : max($changed));
        $this->link($xml, 'self', $this->at('/notes.atom'), self::TYPE);
        $this->link($xml, 'alternate', $this->at('/notes'), 'text/html');
        $xml->startElement('author');
        $xml->writeElement('name', $this->stall->name);
        $xml->endElement();
        foreach ($notes as $note) {
            $this->entry($xml, $note);
        }
        $xml->endElement();
        $xml->endDocument();

        return $xml->outputMemory();
    }

    private function entry(XMLWriter $xml, ShownNote $note): void
    {
        $xml->startElement('entry');
        $xml->writeElement('id', sprintf(
            'tag:%s,%s:note-%d',
            parse_url($this->stall->shopAddress('/'), PHP_URL_HOST),
            $this->since()->format('Y-m-d'),
            $note->id,
        ));
        $xml->writeElement('title', $note->title);
        $xml->writeElement('published', $note->on->startOfDay()->toAtomString());
        $xml->writeElement('updated', $note->changed->toAtomString());
        $this->link($xml, 'alternate', $this->at($note->href), 'text/html');
        $xml->writeElement('summary', $note->words);
        $xml->endElement();
    }

    /** When the stall was set up: from then on its address is its own. */
    private function since(): Carbon
    {
        return Carbon::parse((string) $this->stall->getAttribute('created_at'));
    }

    private function link(XMLWriter $xml, string $rel, string $href, string $type): void
    {
        $xml->startElement('link');
        $xml->writeAttribute('rel', $rel);
        $xml->writeAttribute('type', $type);
        $xml->writeAttribute('href', $href);
        $xml->endElement();
    }

    private function at(string $path): string
    {
        return $this->stall->shopAddress($this->stall->seen()->path($path));
    }
}
