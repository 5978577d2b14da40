<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Core\Money\Money;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderFigures;
use WindowStall\Counter\People\AboutPerson;
use WindowStall\Counter\People\ForgetPerson;
use WindowStall\Counter\People\People;
use WindowStall\Counter\People\Person;
use WindowStall\Counter\People\PersonAddresses;
use WindowStall\Counter\Views\BuyerView;
use WindowStall\Counter\Views\OrderRowView;
use WindowStall\Counter\Views\PersonThread;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Typed;

/** Who bought: first or again, what they spent and what that kept, what they agreed to; out as a file, or forgotten. */
final class PeopleController
{
    private const SHOWN = 100;

    public function index(Request $request, Stall $stall): Response
    {
        $said = mb_substr(Typed::text($request, 'q'), 0, 120);

        return Inertia::render('counter/PeoplePage', [
            'people' => array_map(
                static fn (Person $one): BuyerView => BuyerView::of($stall, $one),
                People::latest($stall, $said, self::SHOWN),
            ),
            'q' => $said,
        ]);
    }

    public function show(Stall $stall, Order $order): Response
    {
        $person = self::person($stall, $order);
        $orders = AboutPerson::orders($stall, $person->email);
        $kept = $orders->whereNotNull('paid_at')->reduce(
            static fn (Money $sum, Order $one): Money => $sum->plus($sum->with(OrderFigures::result($one)->kept->minor)),
            $stall->money(0),
        );

        return Inertia::render('counter/PersonPage', [
            'person' => BuyerView::of($stall, $person, $kept),
            'orders' => $orders->map(static fn (Order $one): OrderRowView => OrderRowView::of($stall, $one))->values()->all(),
            'consents' => array_map(static fn (array $one): array => [
                'consent' => $one['consent'],
                'where' => $one['where'],
                'at' => Clock::of($stall)->moment(\Illuminate\Support\Carbon::parse($one['at'], 'UTC')),
            ], AboutPerson::consents($stall, $person->email)),
            'also' => array_slice(PersonAddresses::of($stall, $person->email), 1),
            'alike' => PersonAddresses::alike($stall, $person->email),
            'thread' => PersonThread::of($stall, $person->email),
            'note' => AboutPerson::note($stall, $person->email),
        ]);
    }

    public function note(Request $request, Stall $stall, Order $order): RedirectResponse
    {
        $words = mb_substr(Typed::text($request, 'words'), 0, 2_000);
        DB::table('people_notes')->updateOrInsert(
            ['stall_id' => $stall->id, 'email' => self::person($stall, $order)->email],
            ['words' => $words, 'said_at' => now()],
        );

        return back()->with('say', 'Noted.');
    }

    /** Somebody else is the same, or isn't. */
    public function join(Request $request, Stall $stall, Order $order): RedirectResponse
    {
        $other = mb_substr(Typed::text($request, 'email'), 0, 190);
        if ($request->boolean('apart')) {
            PersonAddresses::part($stall, $other);

            return back()->with('say', $other.' is somebody of their own again.');
        }
        PersonAddresses::join($stall, self::person($stall, $order)->email, $other);

        return back()->with('say', 'They are one person now.');
    }

    /** All that is kept about them, as a file. */
    public function out(Stall $stall, Order $order): JsonResponse
    {
        $person = self::person($stall, $order);

        return new JsonResponse(AboutPerson::all($stall, $person->email), 200, [
            'Content-Disposition' => 'attachment; filename="person-'.$order->number.'.json"',
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    public function forget(Stall $stall, Order $order, ForgetPerson $forget): RedirectResponse
    {
        $forget($stall, self::person($stall, $order)->email);

        return redirect()->route('counter.people', $stall)->with('say', 'They are forgotten; the books keep amounts and papers.');
    }

    private static function person(Stall $stall, Order $order): Person
    {
        return ($order->email === '' ? null : People::find($stall, $order->email)) ?? abort(404);
    }
}
