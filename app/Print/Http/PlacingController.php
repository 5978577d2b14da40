<?php

declare(strict_types=1);

namespace WindowStall\Print\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Print\Placing\FaultsOf;
use WindowStall\Print\Placing\FitPiece;
use WindowStall\Print\Placing\LayOut;
use WindowStall\Print\Placing\MakeGoods;
use WindowStall\Print\Placing\Placed;
use WindowStall\Print\Views\PlacingView;
use WindowStall\Stall\Stall;
use WindowStall\Stall\StallRules;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/** One blank with artwork on it: laid, looked at, mended, priced, made into goods. */
final class PlacingController
{
    private const WITH = ['blankItem.words', 'blankItem.variants', 'blankItem.connection'];

    public function show(Stall $stall, Placed $placing): Response
    {
        return Inertia::render('print/PlacingPage', ['placing' => PlacingView::of($stall, $placing->load(self::WITH))]);
    }

    public function say(Request $request, Stall $stall, Placed $placing, LayOut $lay): JsonResponse
    {
        $typed = $request->validate([
            'revision' => 'required|integer|min:1',
            'laid' => 'sometimes|array|max:30',
            'colours' => 'sometimes|array|max:200',
            'colours.*' => 'string|max:60',
            'sizes' => 'sometimes|array|max:100',
            'sizes.*' => 'string|max:60',
            'instead' => 'sometimes|array|max:200',
            'scenes' => 'sometimes|array|min:1|max:20',
            'scenes.*' => 'string|max:40',
            'name' => 'sometimes|string|max:200',
            'fit' => 'sometimes|array',
            'fit.area' => 'required_with:fit|string|max:40',
            'fit.piece' => 'required_with:fit|integer|min:0|max:100',
            'fit.as' => 'required_with:fit|string|in:within,fill',
            'prices' => 'sometimes|nullable|array',
            'prices.low' => 'required_with:prices|string|max:20',
            'prices.high' => 'required_with:prices|string|max:20',
            'prices.upTo' => 'required_with:prices|string|max:60',
        ], ['scenes.min' => 'Choose at least one scene.', 'name.string' => 'Give it a name.']);
        $placing->load(self::WITH);
        $this->seen($placing, (int) $typed['revision']);
        $changed = array_intersect_key($typed, array_flip(['laid', 'colours', 'sizes', 'instead']));
        if ($changed !== []) {
            $read = Placing::read($changed + $placing->laid, $placing->blank());
            $this->own($stall, $read);
            $lay->say($placing, $read);
        }
        if (isset($typed['fit'])) {
            ['area' => $area, 'piece' => $piece, 'as' => $as] = $typed['fit'];
            $lay->say($placing, FitPiece::of($stall, $placing, $area, (int) $piece, fill: $as === 'fill'));
        }
        $own = array_intersect_key($typed, array_flip(['scenes', 'name']));
        if (array_key_exists('prices', $typed)) {
            $amount = static fn (string $field): int => StallRules::amount('prices.'.$field, (string) $typed['prices'][$field], $stall->currency);
            $own['prices'] = $typed['prices'] === null
                ? null
                : ['low' => $amount('low'), 'upTo' => $typed['prices']['upTo'], 'high' => $amount('high')];
        }
        if ($own !== []) {
            $placing->update($own);
        }

        return new JsonResponse(PlacingView::of($stall, $placing));
    }

    /** Mends what was found, as its button says. */
    public function mend(Request $request, Stall $stall, Placed $placing, LayOut $lay): JsonResponse
    {
        $typed = $request->validate(['revision' => 'required|integer|min:1', 'finding' => 'required|integer|min:0|max:1000']);
        $placing->load(self::WITH);
        $this->seen($placing, (int) $typed['revision']);
        $artworks = Artwork::of($stall)->where('state', Artwork::READY)->orderBy('name')->orderBy('version')->get()->keyBy('id')->all();
        $found = FaultsOf::find($placing->blank(), $placing->placing(), $artworks)[(int) $typed['finding']] ?? null;
        $lay->say($placing, $found->mend->placing ?? throw new Refusal('There is nothing to mend there any more.'));

        return new JsonResponse(PlacingView::of($stall, $placing));
    }

    public function make(Request $request, Stall $stall, Placed $placing, MakeGoods $make): RedirectResponse
    {
        $placing->load(self::WITH);
        $listing = $make($stall, $placing, User::asking($request));

        return redirect()->route('bench.listing', [$stall, $listing])->with('say', 'It lies on the bench; its pictures are being made.');
    }

    /** Its goods stay; only what wasn't made yet goes. */
    public function remove(Stall $stall, Placed $placing): RedirectResponse
    {
        if ($placing->made_item_id !== null) {
            throw new Refusal('Goods are made of this. Delete their listing on the bench if you don’t want to sell them any more.');
        }
        $placing->delete();

        return redirect()->route('print', $stall)->with('say', sprintf('“%s” is thrown away.', $placing->name));
    }

    private function seen(Placed $placing, int $revision): void
    {
        abort_if($placing->revision !== $revision, 409, 'It was changed somewhere else meanwhile. Load it again.');
    }

    private function own(Stall $stall, Placing $placing): void
    {
        $used = $placing->artworks();
        if (Artwork::of($stall)->whereKey($used)->where('state', Artwork::READY)->count() !== count($used)) {
            throw new Refusal('That artwork isn’t here, or isn’t read yet. Choose another.');
        }
    }
}
