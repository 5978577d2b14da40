<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Support\Carbon;
use WindowStall\Shelves\Shelf;
use WindowStall\Shelves\ShelfFigures;
use WindowStall\Shelves\ShelfGoods;
use WindowStall\Stall\Stall;
use WindowStall\Window\Policies\PolicyVersion;
use WindowStall\Window\Written\WrittenPage;
use XMLWriter;

/**
 * The pages search engines are told of (https://www.sitemaps.org/protocol.html): the front, all goods, shelves, written
 * pages that aren't hidden, policies. In parts where there are more than one file may hold.
 */
final class Sitemap
{
    /** Addresses of one part; the protocol allows 50,000. */
    private const PART = 10_000;

    private const NAMESPACE = 'http://www.sitemaps.org/schemas/sitemap/0.9';

    private ?int $goods = null;

    public function __construct(private readonly Stall $stall)
    {
    }

    public function parts(): int
    {
        return max(1, (int) ceil($this->goods() / self::PART));
    }

    public function index(): string
    {
        return self::write('sitemapindex', function (XMLWriter $xml): void {
            foreach (range(1, $this->parts()) as $part) {
                $xml->startElement('sitemap');
                $xml->writeElement('loc', $this->stall->shopAddress($this->stall->seen()->path('/sitemap-'.$part.'.xml')));
                $xml->endElement();
            }
        });
    }

    /** @param  int  $part  from 1; the first holds all that isn't goods besides */
    public function part(int $part): string
    {
        return self::write('urlset', function (XMLWriter $xml) use ($part): void {
            foreach ($part === 1 ? $this->others() : [] as $path => $when) {
                $this->url($xml, (string) $path, $when);
            }
            $rows = ShelfGoods::all($this->stall)
                ->join('listings AS listing', 'listing.id', '=', 'facts.listing_id')
                ->orderBy('facts.listing_id')
                ->limit(self::PART)
                ->offset(($part - 1) * self::PART)
                ->get(['listing.slug', 'listing.updated_at']);
            foreach ($rows as $row) {
                $this->url($xml, '/goods/'.$row->slug, Carbon::parse((string) $row->updated_at));
            }
        });
    }

    /** @return array<string, Carbon|null> path → when it was last changed */
    private function others(): array
    {
        $paths = ['/' => null, '/goods' => null];
        $counts = (new ShelfFigures($this->stall))->counts();
        foreach (Shelf::of($this->stall)->whereKey(array_keys($counts))->orderBy('id')->get() as $shelf) {
            $paths[$shelf->address()] = $shelf->updated_at;
        }
        foreach (WrittenPage::of($this->stall)->whereNotNull('shown')->where('hidden', false)->get() as $page) {
            $paths[$page->address()] = $page->shown_at;
        }
        $latest = WrittenPage::notes($this->stall)->first();
        if ($latest !== null) {
            $paths['/notes'] = $latest->shown_at;
        }
        foreach (PolicyVersion::now($this->stall) as $kind => $version) {
            $paths['/policies/'.$kind] = $version->published_at;
        }

        return $paths;
    }

    private function url(XMLWriter $xml, string $path, ?Carbon $when): void
    {
        $xml->startElement('url');
        $xml->writeElement('loc', $this->stall->shopAddress($this->stall->seen()->path($path)));
        if ($when !== null) {
            $xml->writeElement('lastmod', $when->format('Y-m-d'));
        }
        $xml->endElement();
    }

    private function goods(): int
    {
        return $this->goods ??= ShelfGoods::all($this->stall)->count();
    }

    /** @param  callable(XMLWriter): void  $fill */
    private static function write(string $root, callable $fill): string
    {
        $xml = new XMLWriter();
        $xml->openMemory();
        $xml->startDocument('1.0', 'UTF-8');
        $xml->startElement($root);
        $xml->writeAttribute('xmlns', self::NAMESPACE);
        $fill($xml);
        $xml->endElement();
        $xml->endDocument();

        return $xml->outputMemory();
    }
}
