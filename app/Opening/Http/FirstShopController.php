<?php

declare(strict_types=1);

namespace WindowStall\Opening\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Core\Opening\NicheWords;
use WindowStall\Opening\AgreeToFirstShop;
use WindowStall\Opening\Arrangement;
use WindowStall\Opening\FirstShop;
use WindowStall\Opening\Jobs\LayOutShop;
use WindowStall\Opening\Views\AgreedView;
use WindowStall\Opening\Views\FirstShopView;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunKind;
use WindowStall\Runs\RunState;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/** A first shop for a niche: said in a sentence, laid out in three ways, agreed to in one. */
final class FirstShopController
{
    public function show(Stall $stall): Response
    {
        return Inertia::render('opening/FirstShopPage', ['first' => FirstShopView::of($stall)]);
    }

    public function now(Stall $stall): JsonResponse
    {
        return new JsonResponse(FirstShopView::of($stall));
    }

    public function begin(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate([
            'name' => 'required|string|max:40',
            'sentence' => 'required|string|max:120',
            'colours' => 'array|max:3',
            'colours.*' => ['string', 'regex:/^#[0-9a-f]{6}$/i'],
            'picture' => 'nullable|integer|min:1|max:9000000000000',
        ], [
            'name.*' => 'The shop’s name needs 1 to 40 letters.',
            'sentence.*' => 'Say in 120 letters at the most what the shop sells.',
            'colours.*' => 'A shop has three colours at the most.',
        ]);
        if (NicheWords::of((string) $typed['sentence']) === []) {
            throw new Refusal('Say what the shop sells in words such as “tools and twine for vegetable plots”.');
        }
        if (SupplierConnection::of($stall)->whereNull('disconnected_at')->doesntExist()) {
            throw new Refusal('Connect a supplier first: the goods are chosen from what your suppliers have.');
        }
        $picture = isset($typed['picture']) ? Picture::of($stall)->own()->find((int) $typed['picture']) : null;
        if (isset($typed['picture']) && $picture === null) {
            throw new Refusal('That picture isn’t there any more. Choose it again.');
        }
        DB::transaction(static function () use ($request, $stall, $typed, $picture): void {
            Stall::query()->whereKey($stall->id)->lockForUpdate()->first();
            if (FirstShop::latest($stall)?->run?->state->open() === true) {
                throw new Refusal('A first shop is being laid out already. Wait until it is there.');
            }
            $run = Run::of($stall)->create([
                'kind' => RunKind::FirstShop,
                'state' => RunState::Waiting,
                'user_id' => User::asking($request)?->id,
            ]);
            FirstShop::of($stall)->create([
                'run_id' => $run->id,
                'picture_id' => $picture?->id,
                'name' => trim((string) $typed['name']),
                'sentence' => trim((string) $typed['sentence']),
                'colours' => array_values(array_map(strtolower(...), array_map(strval(...), $typed['colours'] ?? []))),
            ]);
            DB::afterCommit(static fn () => $run->begin(LayOutShop::class));
        });

        return $this->now($stall);
    }

    /** Which of its goods the seller doesn't want. */
    public function leaveOut(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(['listings' => 'present|array|max:50', 'listings.*' => 'integer']);
        $first = self::inHand($stall);
        if ($first->shown_at !== null) {
            throw new Refusal('This shop is in the window already. Take goods out of it on the bench.');
        }
        $left = array_values(array_intersect($first->listings(), array_map(intval(...), $typed['listings'])));
        if (count($left) === count($first->listings())) {
            throw new Refusal('One of the goods has to stay: there would be nothing to lay out.');
        }
        $first->update(['left_out' => $left]);

        return $this->now($stall);
    }

    public function agree(Request $request, Stall $stall, AgreeToFirstShop $agree): JsonResponse
    {
        $typed = $request->validate(['way' => ['required', Rule::enum(Arrangement::class)]], [
            'way.*' => 'Choose one of the three ways first.',
        ]);
        /** @var User $user */
        $user = $request->user();
        $placement = $agree($stall, self::inHand($stall), Arrangement::from((int) $typed['way']), $user);

        return new JsonResponse(AgreedView::of($stall, $placement));
    }

    private static function inHand(Stall $stall): FirstShop
    {
        return FirstShop::latest($stall) ?? throw new Refusal('There is no first shop yet. Lay one out.');
    }
}
