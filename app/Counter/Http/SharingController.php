<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Core\Dispatch\Sourcing\SourcingPreference;
use WindowStall\Core\Money\Rate;
use WindowStall\Counter\Sourcing\SharingRule;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Stall\StallRules;

/** How a stall has its orders shared out. */
final class SharingController
{
    public function show(Stall $stall): Response
    {
        $rule = SharingRule::of($stall);
        $names = SupplierConnection::of($stall)->pluck('name', 'id');

        return Inertia::render('counter/SharingPage', [
            'preferences' => array_column($rule->preferences, 'value'),
            'words' => array_combine(
                array_column(SourcingPreference::cases(), 'value'),
                array_map(static fn (SourcingPreference $one): string => $one->words(), SourcingPreference::cases()),
            ),
            'suppliers' => array_map(
                static fn (int $id): array => ['id' => $id, 'name' => (string) $names->get($id)],
                $rule->suppliers,
            ),
            'sentence' => self::sentence($rule),
            'dearer' => (new Rate($stall->dearer_bp * 100))->percent(),
            'ways' => SupplierConnection::of($stall)->whereNull('disconnected_at')->orderBy('id')->get()
                ->map(static fn (SupplierConnection $one): array => [
                    'id' => $one->id,
                    'name' => $one->name,
                    'way' => match (true) {
                        $one->orders_to !== null => sprintf('by mail to %s, each day after %s', $one->orders_to, $one->orders_at),
                        $one->ordering() !== null => 'by its own interface, at once',
                        default => 'no orders from here yet',
                    },
                ])->all(),
        ]);
    }

    public function say(Request $request, Stall $stall): RedirectResponse
    {
        $typed = $request->validate([
            'preferences' => 'required|array|min:1|max:5',
            'preferences.*' => ['required', 'distinct', Rule::enum(SourcingPreference::class)],
            'suppliers' => 'array|max:200',
            'suppliers.*' => 'integer',
            'dearer' => 'sometimes|string|max:10',
        ]);
        $band = isset($typed['dearer']) ? StallRules::percent('dearer', $typed['dearer']) : $stall->dearer_bp;
        $stall->update(['dearer_bp' => $band, 'sharing' => [
            'preferences' => array_values($typed['preferences']),
            'suppliers' => array_map(intval(...), array_values($typed['suppliers'] ?? [])),
        ]]);

        return back()->with('say', 'New orders are shared out so.');
    }

    private static function sentence(SharingRule $rule): string
    {
        $then = array_map(static fn (SourcingPreference $one): string => $one->words(), $rule->preferences);
        $last = array_pop($then);

        return 'What was promised comes first; then '.($then === [] ? '' : implode(', then ', $then).', then ').$last.'.';
    }
}
