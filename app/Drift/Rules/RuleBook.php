<?php

declare(strict_types=1);

namespace WindowStall\Drift\Rules;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Drift\Guards\GuardLimits;
use WindowStall\Core\Facts\Policies;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;

/**
 * A stall's rules for what suppliers change, as they are or as somebody tries them: for all suppliers, and for each.
 *
 * @phpstan-type RuleEdit array{
 *     connection?: int|null, fact?: string, policy?: string, band?: int|float|string, floor?: string,
 *     pulls?: int|string, guard?: string, share?: int|float|string, keptBack?: int|string
 * }
 */
final class RuleBook
{
    /**
     * @param  array<string, mixed>  $stall
     * @param  array<int, SupplierConnection>  $connections  by id, changed and not saved
     */
    private function __construct(private readonly Stall $of, private array $stall, private readonly array $connections)
    {
    }

    public static function of(Stall $stall): self
    {
        $connections = SupplierConnection::of($stall)->whereNull('disconnected_at')->orderBy('name')->get();

        return new self($stall, $stall->drift_policies, $connections->keyBy('id')->all());
    }

    /** @return list<SupplierConnection> by name, as this book has them */
    public function connections(): array
    {
        return array_values($this->connections);
    }

    /**
     * Says one thing otherwise.
     *
     * @param  RuleEdit  $edit  of a supplier's rules, or of those for all where no connection is named; as typed and
     *     validated
     *
     * @throws \OutOfBoundsException when the supplier isn't the stall's
     */
    public function edit(array $edit): void
    {
        $id = (int) ($edit['connection'] ?? 0);
        $connection = $this->connections[$id] ?? null;
        if ($id !== 0 && $connection === null) {
            throw new \OutOfBoundsException('No supplier of the stall.');
        }
        $rules = $connection === null ? $this->stall : $connection->policies;
        if (isset($edit['fact'], $edit['policy'])) {
            $rules[$edit['fact']] = $edit['policy'];
        }
        if (isset($edit['band'])) {
            $rules['band'] = self::bp($edit['band']);
        }
        if (isset($edit['floor'])) {
            $rules['floor'] = $edit['floor'];
        }
        if (isset($edit['pulls'])) {
            $rules['pulls'] = (int) $edit['pulls'];
        }
        if ($connection === null) {
            $this->stall = $rules;

            return;
        }
        $connection->policies = $rules;
        if (isset($edit['guard'], $edit['share'])) {
            $connection->guards = [$edit['guard'] => self::bp($edit['share'])] + $connection->guards;
        }
        if (isset($edit['keptBack'])) {
            $connection->kept_back = (int) $edit['keptBack'];
        }
    }

    /** What is said for all suppliers. */
    public function forAll(): Policies
    {
        return Policies::of(['for the stall' => $this->stall]);
    }

    /** @param  array<string, mixed>  $own  a listing's own rules */
    public function policies(?int $connection, array $own = []): Policies
    {
        $of = $this->connections[(int) $connection] ?? null;

        return Policies::of([
            'for the stall' => $this->stall,
            'for '.($of->name ?? 'the supplier') => $of->policies ?? [],
            'for this listing' => $own,
        ]);
    }

    public function limits(int $connection): GuardLimits
    {
        return GuardLimits::from($this->connections[$connection]->guards ?? []);
    }

    /**
     * Makes it count.
     *
     * @return list<SupplierConnection> those of whose stock another number is kept back now
     */
    public function save(): array
    {
        return DB::transaction(function (): array {
            $this->of->update(['drift_policies' => $this->stall]);
            $keptBack = [];
            foreach ($this->connections as $connection) {
                if ($connection->isDirty('kept_back')) {
                    $keptBack[] = $connection;
                }
                $connection->save();
            }

            return $keptBack;
        });
    }

    private static function bp(int|float|string $percent): int
    {
        return BigDecimal::of((string) $percent)->multipliedBy(100)->toScale(0, RoundingMode::HALF_UP)->toInt();
    }
}
