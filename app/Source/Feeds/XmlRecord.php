<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

use XMLReader;

/**
 * One record of XML, read element by element and counted on the way, so that one that is too large is refused before it
 * fills the memory. Attributes become "@name", elements that stand several times a list.
 */
final class XmlRecord
{
    private const MOST_ELEMENTS = 50_000;

    private const DEPTH = 60;

    private int $elements = 0;

    private int $letters = 0;

    /**
     * @param  array<string, true>  $twice  local names that are said with their prefixes
     * @param  int  $number  which record it is, from one
     */
    public function __construct(
        private readonly XMLReader $xml,
        private readonly array $twice,
        private readonly int $number,
    ) {
    }

    /**
     * The record that the reader stands on; afterwards it stands at its end.
     *
     * @return array<mixed>
     */
    public function read(): array
    {
        [$all] = $this->value(0);

        return is_array($all) ? $all : ['text' => $all];
    }

    /** @return array{string|array<mixed>, string} what an element holds, and all its text */
    private function value(int $depth): array
    {
        if (++$this->elements > self::MOST_ELEMENTS || $depth > self::DEPTH) {
            throw $this->tooLarge('holds more elements than goods have');
        }
        $empty = $this->xml->isEmptyElement;
        $all = $this->attributes();
        [$children, $own, $text] = $empty ? [[], '', ''] : $this->within($depth);
        if ($children !== [] && $own !== '') {
            // Words with tags among them, such as <b>: the words are the value.
            $children = [];
            $own = trim(preg_replace('/\s+/u', ' ', $text) ?? $text);
        }
        if ($children === [] && $all === []) {
            return [$own, $text];
        }
        foreach ($children as $name => $values) {
            $all[$name] = count($values) === 1 ? $values[0] : $values;
        }

        return [$own === '' ? $all : $all + ['.' => $own], $text];
    }

    /** @return array<string, mixed> */
    private function attributes(): array
    {
        $found = [];
        while ($this->xml->moveToNextAttribute()) {
            if ($this->xml->prefix !== 'xmlns' && $this->xml->name !== 'xmlns') {
                $found['@'.$this->name()] = $this->xml->value;
                $this->count($this->xml->value);
            }
        }
        $this->xml->moveToElement();

        return $found;
    }

    /** @return array{array<string, list<mixed>>, string, string} the elements by name, its own words, and all text */
    private function within(int $depth): array
    {
        $children = [];
        $own = $text = '';
        while (true) {
            if (! $this->xml->read()) {
                throw XmlFeed::broken();
            }
            XmlFeed::forgive();
            switch ($this->xml->nodeType) {
                case XMLReader::END_ELEMENT:
                    return [$children, trim($own), $text];
                case XMLReader::ELEMENT:
                    $name = $this->name();
                    [$children[$name][], $said] = $this->value($depth + 1);
                    $text .= $said;
                    break;
                case XMLReader::TEXT:
                case XMLReader::CDATA:
                case XMLReader::WHITESPACE:
                case XMLReader::SIGNIFICANT_WHITESPACE:
                    $this->count($this->xml->value);
                    $own .= $this->xml->value;
                    $text .= $this->xml->value;
                    break;
                case XMLReader::ENTITY_REF:
                    throw XmlFeed::entities();
            }
        }
    }

    private function name(): string
    {
        $local = XmlFeed::local($this->xml->name);

        return isset($this->twice[$local]) ? $this->xml->name : $local;
    }

    private function count(string $text): void
    {
        $this->letters += strlen($text);
        if ($this->letters > Limits::RECORD) {
            throw $this->tooLarge(sprintf('is longer than %s letters', number_format(Limits::RECORD)));
        }
    }

    private function tooLarge(string $how): FeedTrouble
    {
        return FeedTrouble::because(
            sprintf('Record %s %s. The file wasn’t read.', number_format($this->number), $how),
        );
    }
}
