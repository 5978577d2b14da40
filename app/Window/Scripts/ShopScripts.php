<?php

declare(strict_types=1);

namespace WindowStall\Window\Scripts;

use WindowStall\Core\Policies\ScriptRule;
use WindowStall\Stall\OncePerState;
use WindowStall\Stall\Stall;

/** The scripts of others that a shop's pages ask about, and what a shopper said of them. */
final readonly class ShopScripts
{
    public const COOKIE = 'scripts';

    private const DAYS = 180;

    /**
     * @param  list<array{name: string, purpose: string, hosts: list<string>}>  $all
     * @param  string  $list  names that list: another, and shoppers are asked again
     */
    private function __construct(public array $all, public ScriptRule $rule, public string $list)
    {
    }

    /** As they are in the market that the shop is seen from. */
    public static function of(Stall $stall): self
    {
        $all = OncePerState::of($stall, 'scripts of others', '', static fn (): array => array_values(
            OutsideScript::of($stall)->orderBy('id')->get()->map(static fn (OutsideScript $one): array => [
                'name' => $one->name,
                'purpose' => $one->purpose->value,
                'hosts' => $one->allHosts(),
            ])->all(),
        ));

        return new self($all, ScriptRule::of($stall->seen()->country), substr(hash('sha256', json_encode($all, JSON_THROW_ON_ERROR)), 0, 12));
    }

    /** What the cookie holds of somebody who agreed, or didn't. */
    public function said(bool $yes): string
    {
        return ($yes ? 'yes.' : 'no.').$this->list;
    }

    /** Whether they may run for a shopper, by the cookie of their browser. */
    public function mayRun(?string $cookie): bool
    {
        return $this->all !== [] && match ($cookie) {
            $this->said(true) => true,
            $this->said(false) => false,
            default => $this->rule === ScriptRule::Told,
        };
    }

    public static function seconds(): int
    {
        return self::DAYS * 86_400;
    }
}
