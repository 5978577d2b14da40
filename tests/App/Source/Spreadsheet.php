<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use ZipArchive;

/** Makes small spreadsheets (.xlsx) for tests. */
final class Spreadsheet
{
    private const MAIN = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';

    /** A row of texts, written where they stand. */
    public static function words(string ...$words): string
    {
        return implode('', array_map(
            static fn (string $word): string => '<c t="inlineStr"><is><t>'.htmlspecialchars($word).'</t></is></c>',
            $words,
        ));
    }

    /**
     * @param  array<string, array<int, string>>  $sheets  by name ("!hidden" after it hides one), cells by row
     * @param  list<string>  $texts
     * @param  array<string, string>  $instead  parts that stand in place of the right ones
     * @return string the bytes; its parts are stored, not packed
     */
    public static function of(array $sheets, array $texts = [], array $instead = []): string
    {
        $parts = ['[Content_Types].xml' => '<Types/>'];
        $list = $relations = '';
        foreach (array_keys($sheets) as $n => $name) {
            [$shown, $state] = explode('!', $name.'!visible');
            $list .= sprintf('<sheet name="%s" sheetId="%d" state="%s" r:id="r%d"/>', $shown, $n, $state, $n);
            $relations .= sprintf('<Relationship Id="r%d" Target="worksheets/sheet%d.xml"/>', $n, $n + 1);
            $rows = '';
            foreach ($sheets[$name] as $number => $cells) {
                $rows .= '<row r="'.$number.'">'.$cells.'</row>';
            }
            $parts['xl/worksheets/sheet'.($n + 1).'.xml'] =
                '<worksheet xmlns="'.self::MAIN.'"><sheetData>'.$rows.'</sheetData></worksheet>';
        }
        $parts['xl/workbook.xml'] =
            '<workbook xmlns="'.self::MAIN.'" xmlns:r="urn:r"><sheets>'.$list.'</sheets></workbook>';
        $parts['xl/_rels/workbook.xml.rels'] = '<Relationships>'.$relations.'</Relationships>';
        $parts['xl/sharedStrings.xml'] =
            '<sst><si><t>'.implode('</t></si><si><t>', $texts).'</t></si></sst>';
        $parts['xl/styles.xml'] =
            '<styleSheet><numFmts><numFmt numFmtId="170" formatCode="dd&quot;m&quot;/yyyy"/></numFmts>'.
            '<cellStyleXfs><xf numFmtId="14"/></cellStyleXfs><cellXfs><xf numFmtId="0"/><xf numFmtId="14"/>'.
            '<xf numFmtId="170"/></cellXfs></styleSheet>';
        $zip = new ZipArchive();
        $path = (string) tempnam(sys_get_temp_dir(), 'book');
        $zip->open($path, ZipArchive::OVERWRITE);
        foreach ([...$parts, ...$instead] as $name => $bytes) {
            $zip->addFromString($name, $bytes);
            $zip->setCompressionName($name, ZipArchive::CM_STORE);
        }
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }
}
