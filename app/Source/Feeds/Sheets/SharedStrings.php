<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds\Sheets;

/** The texts that the cells of a spreadsheet point at; they lie in a file, however many they are. */
final class SharedStrings
{
    private const KEPT = 5_000;

    /** @var resource the texts, one after the other */
    private $texts;

    /** @var resource where each begins, and at last where the last ends; 8 bytes each */
    private $starts;

    private int $count = 0;

    /** @var array<int, string> */
    private array $kept = [];

    public function __construct(?string $part)
    {
        $this->texts = tmpfile() ?: throw new \RuntimeException('No room to read the spreadsheet.');
        $this->starts = tmpfile() ?: throw new \RuntimeException('No room to read the spreadsheet.');
        $at = 0;
        foreach (XmlPart::elements($part, 'si') as $xml) {
            $node = $xml->expand();
            $text = $node === false ? '' : XmlPart::text($node);
            fwrite($this->starts, pack('P', $at));
            fwrite($this->texts, $text);
            $at += strlen($text);
            $this->count++;
        }
        fwrite($this->starts, pack('P', $at));
    }

    public function at(int $n): string
    {
        if ($n < 0 || $n >= $this->count) {
            return '';
        }
        if (! isset($this->kept[$n])) {
            fseek($this->starts, $n * 8);
            $ends = unpack('P2', (string) fread($this->starts, 16)) ?: [1 => 0, 2 => 0];
            fseek($this->texts, $ends[1]);
            $length = $ends[2] - $ends[1];
            $this->kept = count($this->kept) < self::KEPT ? $this->kept : [];
            $this->kept[$n] = $length < 1 ? '' : (string) fread($this->texts, $length);
        }

        return $this->kept[$n];
    }

    public function close(): void
    {
        fclose($this->texts);
        fclose($this->starts);
    }
}
