<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Core\Money\Money;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Counter\Views\SupplierAccountView;
use WindowStall\Pricing\Reprice;
use WindowStall\Source\Account\ReadAccount;
use WindowStall\Source\Connectors\Extra;
use WindowStall\Source\Connectors\OffersExtras;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;
use WindowStall\Support\Views\MoneyView;

/** On what terms suppliers take orders, and what is owed to them. */
final class OwedController
{
    public function index(Stall $stall): Response
    {
        return Inertia::render('counter/OwedPage', [
            'accounts' => SupplierConnection::of($stall)->whereNull('disconnected_at')->orderBy('id')->get()
                ->filter(static fn (SupplierConnection $one): bool => $one->takesOrders())
                ->map(static fn (SupplierConnection $one): SupplierAccountView => SupplierAccountView::of($stall, $one))
                ->values()
                ->all(),
        ]);
    }

    public function say(Request $request, Stall $stall, SupplierConnection $connection): RedirectResponse
    {
        $typed = $request->validate([
            'pays' => ['required', Rule::in(['at_once', 'ahead', 'bills'])],
            'warnDays' => 'required|integer|min:1|max:60',
            'billDays' => 'required|integer|min:1|max:180',
            'mostPieces' => 'nullable|integer|min:1|max:100000',
            'extras' => 'array|max:20',
            'extras.*' => 'string|max:20',
        ], [
            'warnDays.*' => 'Write a number of days between 1 and 60.',
            'billDays.*' => 'Write a number of days between 1 and 180.',
            'mostPieces.*' => 'Write a number of pieces, or leave it empty.',
        ]);
        $wished = $typed['extras'] ?? [];
        $before = $connection->extras;
        $connection->update([
            'pays' => $typed['pays'] === 'ahead' && $connection->balance_minor === null ? $connection->pays : $typed['pays'],
            'warn_days' => (int) $typed['warnDays'],
            'bill_days' => (int) $typed['billDays'],
            'most_pieces' => isset($typed['mostPieces']) ? (int) $typed['mostPieces'] : null,
            'extras' => $this->chosen($connection, $wished),
        ]);
        if ($connection->extras != $before) {
            // It is part of what each parcel costs.
            app(Reprice::class)($stall->unsetRelations(), User::asking($request), landing: true);
        }

        return back()->with('say', 'New orders to '.$connection->name.' go on these terms.');
    }

    /**
     * What is chosen already stands as it is; what is new is asked for, so that its cost is the supplier's own.
     *
     * @param  array<string>  $codes
     * @return list<array{code: string, name: string, minor: int, currency: string}>
     *
     * @throws Refusal
     */
    private function chosen(SupplierConnection $connection, array $codes): array
    {
        $known = array_column($connection->extras, null, 'code');
        if (array_diff($codes, array_keys($known)) !== []) {
            $known = array_column($this->offered($connection), null, 'code');
        }
        $chosen = array_values(array_intersect_key($known, array_flip($codes)));

        return count($chosen) === count(array_unique($codes))
            ? $chosen
            : throw new Refusal($connection->name.' doesn’t offer that.');
    }

    /** @return list<array{code: string, name: string, minor: int, currency: string}> */
    private function offered(SupplierConnection $connection): array
    {
        $supplier = $connection->connector();
        if (! $supplier instanceof OffersExtras) {
            return [];
        }
        try {
            return array_map(static fn (Extra $one): array => [
                'code' => $one->code,
                'name' => $one->name,
                'minor' => $one->cost->minor,
                'currency' => $one->cost->currency->code,
            ], $supplier->extras($connection->access(seconds: 4)));
        } catch (SupplierTrouble $trouble) {
            throw new Refusal($trouble->getMessage());
        }
    }

    /** What can be laid in, asked for when somebody looks. */
    public function extras(Stall $stall, SupplierConnection $connection): JsonResponse
    {
        return new JsonResponse(['extras' => array_map(static fn (array $one): array => [
            'code' => $one['code'],
            'name' => $one['name'],
            'cost' => MoneyView::text($stall->rateFrom($one['currency'])->convert(Money::of($one['minor'], $one['currency']))),
        ], $this->offered($connection))]);
    }

    public function look(Stall $stall, SupplierConnection $connection, ReadAccount $read): RedirectResponse
    {
        try {
            $read($connection);
        } catch (SupplierTrouble $trouble) {
            throw new Refusal($trouble->getMessage());
        }

        return back()->with('say', $connection->name.' says how it stands.');
    }

    /** Its bills up to a day are paid; what is sent meanwhile stays open. */
    public function settle(Request $request, Stall $stall, SupplierConnection $connection): RedirectResponse
    {
        $typed = $request->validate(['until' => 'required|date']);
        $paid = SupplierOrder::query()
            ->where('connection_id', $connection->id)
            ->whereIn('state', ['sent', 'accepted', 'posted'])
            ->whereNull('settled_at')
            ->where('sent_at', '<=', Carbon::parse($typed['until'])->utc())
            ->update(['settled_at' => now()]);

        return back()->with('say', match ($paid) {
            0 => 'Nothing of that was open any more.',
            1 => 'One order is noted as paid.',
            default => $paid.' orders are noted as paid.',
        });
    }
}
