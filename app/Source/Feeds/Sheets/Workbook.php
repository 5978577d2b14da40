<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds\Sheets;

use WindowStall\Source\Feeds\FeedTrouble;
use WindowStall\Source\Feeds\Unpack;
use XMLReader;
use ZipArchive;

/** The parts of a spreadsheet file: its sheets by name, the texts they share, and which styles are dates. */
final class Workbook
{
    private const MOST_SHEETS = 20;

    /** @var array<string, string> visible sheets: name → part */
    private array $sheets = [];

    private SharedStrings $texts;

    private CellStyles $styles;

    /** @var list<string> what was unpacked beside */
    private array $files = [];

    private function __construct(private readonly ZipArchive $zip, private readonly string $path)
    {
    }

    /** @throws FeedTrouble */
    public static function open(string $path): self
    {
        $zip = new ZipArchive();
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw FeedTrouble::because('The spreadsheet is damaged: it can’t be opened. Fetch it again.');
        }
        if ($zip->locateName('xl/workbook.xml') === false) {
            throw FeedTrouble::because('This is a packed file within another. Unpack it, and send what is in it.');
        }
        $book = new self($zip, $path);
        $book->readSheets();
        $book->texts = new SharedStrings($book->unpacked('xl/sharedStrings.xml'));

        return $book;
    }

    /** @return list<string> the names of the sheets that can be seen, in their order */
    public function sheets(): array
    {
        return array_map(strval(...), array_keys($this->sheets));
    }

    public function rows(string $sheet): SheetRows
    {
        $part = $this->unpacked($this->sheets[$sheet]);

        return new SheetRows($part ?? throw self::damaged($this->sheets[$sheet]), $this->texts, $this->styles);
    }

    public function close(): void
    {
        $this->texts->close();
        $this->zip->close();
        array_map(unlink(...), array_filter($this->files, is_file(...)));
    }

    private function readSheets(): void
    {
        $parts = [];
        foreach (XmlPart::elements($this->unpacked('xl/_rels/workbook.xml.rels'), 'Relationship') as $xml) {
            $parts[(string) $xml->getAttribute('Id')] = self::inZip((string) $xml->getAttribute('Target'));
        }
        $since1904 = false;
        foreach (XmlPart::elements($this->unpacked('xl/workbook.xml'), 'sheet', 'workbookPr') as $xml) {
            if ($xml->localName === 'workbookPr') {
                $since1904 = in_array($xml->getAttribute('date1904'), ['1', 'true'], true);
            } elseif (count($this->sheets) < self::MOST_SHEETS && self::isShown($xml)) {
                $part = $parts[(string) self::relation($xml)] ?? '';
                // What has no cells, such as a sheet that is a chart, lies elsewhere.
                if (str_starts_with($part, 'xl/worksheets/')) {
                    $this->sheets[(string) $xml->getAttribute('name')] = $part;
                }
            }
        }
        $this->styles = new CellStyles($this->unpacked('xl/styles.xml'), $since1904);
    }

    private static function isShown(XMLReader $xml): bool
    {
        return in_array($xml->getAttribute('state'), [null, '', 'visible'], true);
    }

    /** The attribute "r:id", whatever its prefix is called. */
    private static function relation(XMLReader $xml): ?string
    {
        $found = null;
        while ($xml->moveToNextAttribute()) {
            $found = $xml->localName === 'id' && $xml->prefix !== '' ? $xml->value : $found;
        }
        $xml->moveToElement();

        return $found;
    }

    /** Targets are written from "xl", or from the root with a stroke before. */
    private static function inZip(string $target): string
    {
        return str_starts_with($target, '/') ? substr($target, 1) : 'xl/'.$target;
    }

    private function unpacked(string $part): ?string
    {
        if ($this->zip->locateName($part) === false) {
            return null;
        }
        $to = $this->path.'.'.md5($part);
        if (! in_array($to, $this->files, true)) {
            $this->files[] = $to;
            Unpack::part($this->zip, $part, $to);
        }

        return $to;
    }

    private static function damaged(string $part): FeedTrouble
    {
        return FeedTrouble::because(
            sprintf('The spreadsheet is damaged: its part %s is missing. Open it, save it anew and send that.', $part),
        );
    }
}
