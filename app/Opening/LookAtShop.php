<?php

declare(strict_types=1);

namespace WindowStall\Opening;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Intl\Languages;
use WindowStall\Core\Opening\Left\LeftFacts;
use WindowStall\Core\Opening\Seen\SeenAudit;
use WindowStall\Core\Opening\Seen\SeenPage;
use WindowStall\Core\Payment\PayMethod;
use WindowStall\Core\Words\SearchCut;
use WindowStall\Counter\Payment\PaymentConnection;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Delivery\KeepByPlace;
use WindowStall\Delivery\Views\KeepCellView;
use WindowStall\Opening\Rehearsal\Rehearsal;
use WindowStall\Opening\Rehearsal\SetUp;
use WindowStall\Shelves\ShelfGoods;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Market;
use WindowStall\Stall\Terms\Places;
use WindowStall\Stall\Terms\ShopMarket;
use WindowStall\Support\Speech\Spoken;
use WindowStall\Window\AuditPage;
use WindowStall\Window\Policies\Particulars;
use WindowStall\Window\Views\PoliciesView;
use WindowStall\Window\Views\PolicyView;
use WindowStall\Window\Window;
use WindowStall\Window\Written\WrittenPage;

/** Looks at all of a stall that opening its shop goes by. */
final readonly class LookAtShop
{
    /** Names of one kind that are looked up. */
    private const MOST = 50;

    private const UNDER_FLOOR = <<<'SQL'
        EXISTS (
            SELECT 1
            FROM listing_variants AS variant
            JOIN prices AS price ON price.listing_variant_id = variant.id AND price.market = ?
            WHERE variant.listing_id = facts.listing_id
              AND variant.own_on
              AND price.under_floor
              AND NOT variant.own_under_floor
        )
        SQL;

    private const WORDLESS = <<<'SQL'
        EXISTS (
            SELECT 1
            FROM pictures AS picture
            WHERE picture.listing_id = facts.listing_id
              AND picture.state = 'ready'
              AND COALESCE(picture.alt, '') = ''
        )
        SQL;

    private const TITLES = <<<'SQL'
        SELECT COALESCE(listing.own_search_title, listing.shown_title) AS title
        FROM listings AS listing
        JOIN goods_facts AS facts ON facts.listing_id = listing.id
        WHERE listing.stall_id = ?
          AND length(COALESCE(listing.own_search_title, listing.shown_title)) > ?
        ORDER BY 1
        LIMIT ?
        SQL;

    public function __construct(private AuditPage $audit)
    {
    }

    public function __invoke(Stall $stall): LeftFacts
    {
        $goods = static fn (): Builder => ShelfGoods::all($stall);
        [$holes, $losses] = self::places($stall);
        $payment = PaymentConnection::of($stall);
        $window = Window::query()->with('published')->findOrFail($stall->id);
        [$unpublished, $outdated] = self::policies($stall);
        $connected = SupplierConnection::of($stall)->whereNull('disconnected_at')->get();

        $rehearsal = Rehearsal::of($stall)->whereNotNull('ended_at')->latest('id')->first();

        return new LeftFacts(
            goods: $goods()->count(),
            soldOut: self::titles($goods()->where('facts.buyable', false)),
            underFloor: self::titles($goods()->whereRaw(self::UNDER_FLOOR, [$stall->home_market])),
            wordless: self::titles($goods()->whereRaw(self::WORDLESS)),
            longTitles: array_column(DB::select(self::TITLES, [$stall->id, SearchCut::TITLE, self::MOST]), 'title'),
            unreached: self::unreached($stall),
            holes: $holes,
            losses: $losses,
            taxUnsaid: array_values(array_map(
                static fn (Market $market): string => Spoken::country($market->market),
                $stall->marketRows->whereNull('tax_bp')->where('market', '<>', $stall->home_market)->all(),
            )),
            paid: array_filter(PayMethod::cases(), static fn (PayMethod $method): bool => $payment->terms($method, $stall)->on) !== [],
            live: $payment->live,
            unnamed: self::unnamed(Particulars::of($stall)),
            unpublished: $unpublished,
            outdated: $outdated,
            published: $window->published !== null,
            untouched: $window->untouched($window->publishedContent() ?? $window->workingContent()),
            nowhere: $this->nowhere($stall, $window),
            failing: array_filter(array_column($connected->all(), 'trouble', 'name'), static fn (?string $trouble): bool => (string) $trouble !== ''),
            suppliers: $connected->count(),
            rehearsed: $rehearsal?->rolled(),
            phone: $window->audited,
            unspoken: self::unspoken($stall),
            plain: self::plain($rehearsal?->seenPages() ?? []),
            changed: $rehearsal !== null && $rehearsal->stands_for !== SetUp::of($stall),
        );
    }

    /** @return list<string> such as "“thanks” in German" */
    private static function unspoken(Stall $stall): array
    {
        $worded = DB::table('letter_words')->where('stall_id', $stall->id)->get(['kind', 'language'])->groupBy('kind');
        $said = [];
        foreach ($worded as $kind => $rows) {
            foreach (array_diff(ShopMarket::spoken($stall), $rows->pluck('language')->all()) as $language) {
                $said[] = sprintf('“%s” in %s', TellKind::from((string) $kind)->words(), Languages::getName($language, 'en'));
            }
        }

        return $said;
    }

    /**
     * @param  list<SeenPage>  $pages
     * @return list<string>
     */
    private static function plain(array $pages): array
    {
        $said = [];
        foreach (SeenAudit::of($pages) as $n => $findings) {
            $first = $findings[0] ?? null;
            if ($first !== null) {
                $said[] = $pages[$n]->address.': '.$first->words();
            }
        }

        return $said;
    }

    /** @return list<string> */
    private static function titles(Builder $goods): array
    {
        return array_values($goods->orderBy('facts.title')->limit(self::MOST)->pluck('facts.title')->map(strval(...))->all());
    }

    /** @return list<string> countries with prices that no place holds */
    private static function unreached(Stall $stall): array
    {
        $sent = Places::countries($stall);
        $sold = array_unique(array_map(static fn (ShopMarket $market): string => $market->country, ShopMarket::all($stall)));

        return array_values(array_map(Spoken::country(...), array_diff($sold, $sent)));
    }

    /** @return array{array<string, list<string>>, array<string, list<string>>} holes and losses by place */
    private static function places(Stall $stall): array
    {
        $sheet = KeepByPlace::of($stall);
        $found = [KeepCellView::HOLE => [], KeepCellView::LOSS => []];
        foreach ($sheet->rows as $row) {
            foreach ($row->cells as $n => $cell) {
                if (isset($found[$cell->kind])) {
                    $found[$cell->kind][$sheet->places[$n]][] = $row->title;
                }
            }
        }

        return [$found[KeepCellView::HOLE], $found[KeepCellView::LOSS]];
    }

    /** @return list<string> */
    private static function unnamed(Particulars $particulars): array
    {
        $wanted = [
            'your name' => [$particulars->trader],
            'your address' => [$particulars->street, $particulars->town],
            'an address for mail' => [$particulars->email],
        ];

        return array_keys(array_filter(
            $wanted,
            static fn (array $said): bool => array_filter($said, static fn (?string $one): bool => trim((string) $one) === '') !== [],
        ));
    }

    /** @return array{list<string>, list<string>} those shoppers can't read, and those that say otherwise than it is */
    private static function policies(Stall $stall): array
    {
        $policies = PoliciesView::of($stall)->policies;
        $names = static fn (callable $which): array => array_values(array_map(
            static fn (PolicyView $policy): string => $policy->heading,
            array_filter($policies, $which),
        ));

        return [
            $names(static fn (PolicyView $policy): bool => $policy->number === null),
            $names(static fn (PolicyView $policy): bool => $policy->number !== null && ($policy->differs !== [] || $policy->stale !== [])),
        ];
    }

    /** @return array<string, list<string>> page → what leads nowhere */
    private function nowhere(Stall $stall, Window $window): array
    {
        $found = ['the front page' => $this->audit->leadNowhere($stall, $window)];
        foreach (WrittenPage::of($stall)->whereNotNull('shown')->orderByDesc('id')->limit(self::MOST)->get() as $page) {
            $found['“'.$page->title.'”'] = $this->audit->leadNowhere($stall, $page);
        }

        return array_filter($found);
    }
}
