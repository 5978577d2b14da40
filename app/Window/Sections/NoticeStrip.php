<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use Illuminate\Support\Carbon;
use WindowStall\Offers\Code;
use WindowStall\Stall\Stall;
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
                SectionField::line('code', 'Counts down to the end of the code', 40),
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
                $shown[] = [
                    'words' => $message['words'],
                    'href' => LinkTarget::from($message['leads'])->href($goods),
                    'ends' => self::endOf((string) ($message['code'] ?? ''), $goods->stall),
                ];
            }
        }

        return ['messages' => $shown];
    }

    public function figure(array $settings, array $data, WindowGoods $goods): string
    {
        $codes = array_filter(array_column((array) $settings['messages'], 'code'), static fn (mixed $c): bool => $c !== '');
        foreach ($codes as $code) {
            if (self::endOf((string) $code, $goods->stall) === null) {
                return sprintf('no running code %s has an end, so nothing counts down', $code);
            }
        }

        return '';
    }

    /** Nothing counts down to anything but the end of an offer that runs. */
    private static function endOf(string $code, Stall $stall): ?Carbon
    {
        $offer = $code === '' ? null : Code::called($stall, mb_strtoupper($code));

        return $offer !== null && $offer->runsAt(now()) ? $offer->ends_at : null;
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
