<?php

declare(strict_types=1);

namespace WindowStall\Window;

use Illuminate\Support\Str;
use WindowStall\Support\Refusal;
use WindowStall\Support\Speech\Speech;
use WindowStall\Window\Goods\WindowGoods;

/**
 * Where something on a page leads, as it is saved: nowhere (""), all goods ("all"), all shelves ("shelves"), the notes ("notes"), one of them
 * ("shelf:ID"), one of the goods ("goods:ID"), what is tagged ("tag:NAME"), a page the seller wrote ("page:ID"), a policy
 * ("policy:KIND"), a section of the page ("at:ID"), or an address.
 */
final readonly class LinkTarget
{
    public const MOST = 300;

    private function __construct(public string $said, public string $kind, public string $to)
    {
    }

    /** @throws Refusal for an address that isn't one */
    public static function from(mixed $typed): self
    {
        $said = is_string($typed) ? trim($typed) : '';
        if (mb_strlen($said) > self::MOST) {
            throw new Refusal(sprintf('An address has %d letters at the most.', self::MOST));
        }

        return match (true) {
            $said === '' => new self('', '', ''),
            in_array($said, ['all', 'shelves', 'notes'], true) => new self($said, $said, ''),
            preg_match('/^page:(\d{1,18})$/D', $said, $m) === 1 => new self($said, 'page', $m[1]),
            preg_match('/^policy:([a-z]{1,12})$/D', $said, $m) === 1 => new self($said, 'policy', $m[1]),
            preg_match('/^shelf:(\d{1,18})$/D', $said, $m) === 1 => new self($said, 'shelf', $m[1]),
            preg_match('/^goods:(\d{1,18})$/D', $said, $m) === 1 => new self($said, 'goods', $m[1]),
            preg_match('/^tag:(.{1,60})$/uD', $said, $m) === 1 => new self($said, 'tag', $m[1]),
            preg_match('/^at:([a-z0-9-]{1,40})$/D', $said, $m) === 1 => new self($said, 'at', $m[1]),
            preg_match('#^(https?://[^\s<>"]+\.[^\s<>"]+|mailto:[^\s<>"]+@[^\s<>"]+|tel:[+\d ()-]+)$#iuD', $said) === 1 => new self($said, 'address', $said),
            default => throw new Refusal(
                sprintf('“%s” is no address. Begin with https://, mailto: or tel:.', mb_strimwidth($said, 0, 40, '…')),
            ),
        };
    }

    /** The address, or null where it leads nowhere, such as to one of the goods that isn't shown any more. */
    public function href(WindowGoods $goods): ?string
    {
        return match ($this->kind) {
            'all' => '/goods',
            'shelves' => '/shelves',
            'notes' => $goods->papers()->notes ? '/notes' : null,
            'shelf' => $goods->shelves()[(int) $this->to]['href'] ?? null,
            'page' => $goods->papers()->page((int) $this->to),
            'policy' => $goods->papers()->policy($this->to),
            'goods' => $goods->url((int) $this->to),
            'tag' => $goods->count($this->to) > 0 ? '/tagged/'.WindowGoods::address($this->to) : null,
            'at' => '/#'.$this->to,
            'address' => $this->to,
            default => null,
        };
    }

    /** What it leads to is called, for a link that has no words of its own; "" where it leads nowhere. */
    public function name(WindowGoods $goods): string
    {
        return match ($this->kind) {
            'all' => Speech::say('shop.everything'),
            'shelves' => Speech::say('shop.shelves.heading'),
            'notes' => Speech::say('shop.notes.heading'),
            'shelf' => $goods->shelves()[(int) $this->to]['words'] ?? '',
            'page', 'policy' => $goods->papers()->ways()[$this->said] ?? '',
            'goods' => $goods->title((int) $this->to),
            'tag' => Str::ucfirst($goods->stall->phrases()->say($this->to)),
            'address' => (string) preg_replace('#^(https?://(www\.)?|mailto:|tel:)|/.*$#i', '', $this->to),
            default => '',
        };
    }

    /** How many goods it leads to; null where it isn't goods it leads to. */
    public function goods(WindowGoods $goods): ?int
    {
        return match ($this->kind) {
            'all' => $goods->count(),
            'shelf' => $goods->shelves()[(int) $this->to]['goods'] ?? 0,
            'goods' => $goods->url((int) $this->to) === null ? 0 : 1,
            'tag' => $goods->count($this->to),
            default => null,
        };
    }

    /** "14 goods", "nowhere any more" */
    public function figure(WindowGoods $goods): string
    {
        $count = $this->goods($goods);

        return match (true) {
            $this->kind === '' => '',
            $this->kind === 'page', $this->kind === 'policy' => $this->href($goods) === null
                ? 'nowhere: it isn’t published'
                : 'a page of yours',
            $this->kind === 'notes' => $goods->papers()->notes ? 'your notes' : 'nowhere: no note is published',
            $count === null => $this->kind === 'at' ? 'further down' : 'another place',
            $count === 0 && $this->kind === 'shelf' => 'nothing stands on it',
            $count === 0 => 'nowhere any more',
            default => $count === 1 ? '1 of the goods' : $count.' goods',
        };
    }
}
