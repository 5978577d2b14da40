<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\LinkTarget;

/**
 * A line above everything: what a shopper should know first. Several, each with its days, are shown one beside the
 * other.
 */
final class NoticeStrip extends SectionKind
{
    public function key(): string
    {
        return 'notice';
    }

    public function label(): string
    {
        return 'Notice strip';
    }

    public function rank(): int
    {
        return 10;
    }

    public function fields(): array
    {
        return [
            SectionField::rows('messages', 'Messages', 5, [
                SectionField::line('words', 'Words', 90),
                SectionField::way('leads', 'Leads to'),
                SectionField::date('from', 'From'),
                SectionField::date('until', 'Until'),
            ]),
        ];
    }

    public function sentence(array $settings): string
    {
        return 'says {messages}.';
    }

    public function summary(array $settings): string
    {
        $words = array_column((array) $settings['messages'], 'words');

        return implode(' · ', array_filter($words, static fn (mixed $w): bool => $w !== '')) ?: 'nothing yet';
    }

    public function data(array $settings, WindowGoods $goods): array
    {
        $shown = [];
        foreach ((array) $settings['messages'] as $message) {
            if (
                is_array($message) &&
                $message['words'] !== '' &&
                ShownPeriod::within((string) $message['from'], (string) $message['until'])
            ) {
                $shown[] = ['words' => $message['words'], 'href' => LinkTarget::from($message['leads'])->href($goods)];
            }
        }

        return ['messages' => $shown];
    }

    public function stays(array $settings, array $data): ?string
    {
        return $data['messages'] === [] ? 'It says nothing today, so shoppers don’t see it.' : null;
    }

    public function everywhere(): bool
    {
        return true;
    }
}
