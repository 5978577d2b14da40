<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Core\Window\AuditFinding;
use WindowStall\Core\Window\AuditMend;
use WindowStall\Core\Window\Measured;
use WindowStall\Core\Window\PhoneAudit;
use WindowStall\Core\Window\SectionFacts;
use WindowStall\Stall\Stall;
use WindowStall\Window\Goods\GoodCard;
use WindowStall\Window\Goods\GoodsAround;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Views\AuditView;
use WindowStall\Window\Written\WrittenPage;

/** Brings together what the sheet measured and what is known of the sections, for the rules in core. */
final readonly class AuditPage
{
    public function __construct(private GoodsAround $around)
    {
    }

    public function __invoke(Stall $stall, Window|WrittenPage $page, Measured $measured): AuditView
    {
        $goods = $this->around->of($stall, $page);
        $content = $page->workingContent();
        $facts = [];
        foreach ($content->sections as $section) {
            if ($section->showing->now() && $section->showing->on !== 'wide') {
                $facts[] = self::facts($section, $goods);
            }
        }
        $findings = array_values(array_filter(
            PhoneAudit::of($measured, $facts, $goods->days(), sells: $content->plan !== Plan::Page),
            static fn (AuditFinding $finding): bool => ! in_array($finding->key, $page->waved, true),
        ));

        return AuditView::of($findings, PhoneAudit::figures($measured, $facts), $measured);
    }

    /** @return list<string> what leads nowhere on what shoppers see of a page */
    public function leadNowhere(Stall $stall, Window|WrittenPage $page): array
    {
        $goods = $this->around->of($stall, $page);
        $said = [];
        foreach ($page->publishedContent()->sections ?? [] as $section) {
            if ($section->showing->now()) {
                array_push($said, ...array_column(self::nowhere($section, $goods), 'words'));
            }
        }

        return array_values(array_map(strval(...), $said));
    }

    private static function facts(Section $section, WindowGoods $goods): SectionFacts
    {
        $kind = $section->kind;
        $data = $kind->data($section->settings, $goods);
        /** @var list<GoodCard> $cards */
        $cards = is_array($data['goods'] ?? null) ? $data['goods'] : [];
        $gone = array_filter($cards, static fn (GoodCard $card): bool => $card->soldOut);

        return new SectionFacts(
            id: $section->id,
            sells: $kind->sells()
                || $cards !== []
                || ($data['tiles'] ?? []) !== []
                || ($data['href'] ?? null) !== null
                || ($data['good'] ?? null) !== null,
            nowhere: self::nowhere($section, $goods),
            soldOut: array_values(array_map(static fn (GoodCard $card): int => $card->id, $gone)),
            shown: count($cards),
            said: PageWords::of($section),
            clears: self::clears($section),
            lightens: self::lightens($section),
            pictureField: self::pictureField($section),
        );
    }

    private static function clears(Section $section): ?AuditMend
    {
        $clears = $section->kind->clears($section->settings);

        return $clears === null ? null : AuditMend::say($clears['words'], $section->id, $clears['field'], $clears['value']);
    }

    /** Fewer goods where it shows many; what isn't always there can be hidden. */
    private static function lightens(Section $section): ?AuditMend
    {
        $shown = (int) ($section->settings['count'] ?? 0);
        $choices = array_column($section->kind->fields(), 'choices', 'name')['count'] ?? [];
        $fewer = array_filter(array_keys($choices), static fn (int|string $n): bool => (int) $n * 2 <= $shown);

        return match (true) {
            $fewer !== [] && $shown > 4 => AuditMend::say(
                sprintf('Show %d instead of %d', max($fewer), $shown),
                $section->id,
                'count',
                (string) max($fewer),
            ),
            $section->kind->always() => null,
            default => AuditMend::hide('Hide it', $section->id),
        };
    }

    private static function pictureField(Section $section): string
    {
        foreach ($section->kind->fields() as $field) {
            if ($field->type === 'picture' || in_array('picture', array_column($field->each, 'type'), true)) {
                return $field->name;
            }
        }

        return '';
    }

    /** @return list<array{field: string, row: int|null, words: string}> what has words and leads nowhere */
    private static function nowhere(Section $section, WindowGoods $goods): array
    {
        $found = [];
        foreach ($section->kind->fields() as $field) {
            $rows = $field->each === [] ? [] : $section->settings[$field->name] ?? [];
            foreach (is_array($rows) ? array_values($rows) : [] as $n => $row) {
                $way = LinkTarget::from(is_array($row) ? $row['leads'] ?? '' : '');
                if ($way->kind !== '' && $way->href($goods) === null) {
                    $words = is_array($row) ? (string) ($row['words'] ?? '') : '';
                    $found[] = ['field' => $field->name, 'row' => $n, 'words' => $words ?: $way->to];
                }
            }
        }
        $button = $section->settings['button'] ?? '';
        $leads = $section->settings['leads'] ?? null;
        if (is_string($button) && $button !== '' && $leads !== null && LinkTarget::from($leads)->href($goods) === null) {
            $found[] = ['field' => 'leads', 'row' => null, 'words' => $button];
        }

        return $found;
    }
}
