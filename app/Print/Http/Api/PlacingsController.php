<?php

declare(strict_types=1);

namespace WindowStall\Print\Http\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Core\Print\Findings\Finding;
use WindowStall\Core\Print\Placing\Laid;
use WindowStall\Core\Print\Placing\Piece;
use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Core\Source\Blank;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Print\Http\KeptController;
use WindowStall\Print\Placing\FaultsOf;
use WindowStall\Print\Placing\LayOut;
use WindowStall\Print\Placing\MakeGoods;
use WindowStall\Print\Placing\Placed;
use WindowStall\Print\Placing\SizesOf;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Http\TokensStall;
use WindowStall\Stall\Stall;
use WindowStall\Support\Api\Page;
use WindowStall\Support\Refusal;

/** Placings as programs read and write them; lengths are in millimetres, angles in degrees. */
final class PlacingsController
{
    private const WITH = ['blankItem.words', 'blankItem.connection'];

    public function index(Request $request): JsonResponse
    {
        $stall = TokensStall::of($request);
        $page = Page::of($request);
        $rows = Placed::of($stall)->with(self::WITH)->where('id', '>', $page->after)->orderBy('id')->limit($page->limit + 1)->get();

        return $page->answer($rows, self::say(...));
    }

    public function show(Request $request, int $placing): JsonResponse
    {
        return new JsonResponse(self::say(Placed::of(TokensStall::of($request))->with(self::WITH)->findOrFail($placing)));
    }

    /** Lays an artwork on a blank as the workshop would begin. */
    public function store(Request $request, LayOut $lay): JsonResponse
    {
        $stall = TokensStall::writing($request, 'print');
        $typed = $request->validate(['blank' => 'required|integer', 'artwork' => 'required|integer']);
        /** @var SupplierItem $blank */
        $blank = SupplierItem::of($stall)->with('words')->whereNotNull('methods')->findOrFail((int) $typed['blank']);
        /** @var Artwork $artwork */
        $artwork = Artwork::of($stall)->here()->findOrFail((int) $typed['artwork']);

        return new JsonResponse(self::say($lay->new($stall, $blank, $artwork)->load(self::WITH)), 201);
    }

    public function update(Request $request, int $placing, LayOut $lay): JsonResponse
    {
        $stall = TokensStall::writing($request, 'print');
        $placed = Placed::of($stall)->with(self::WITH)->findOrFail($placing);
        $typed = $request->validate([
            'revision' => 'required|integer|min:1',
            'laid' => 'sometimes|array|max:30',
            'colours' => 'sometimes|array|max:200',
            'sizes' => 'sometimes|array|max:100',
        ]);
        if ($placed->revision !== (int) $typed['revision']) {
            throw new Refusal('It was changed meanwhile. Read it again.');
        }
        $own = array_intersect_key($typed, array_flip(['colours', 'sizes']));
        if (isset($typed['laid'])) {
            $own['laid'] = array_map(self::laid(...), array_values($typed['laid']));
        }
        $read = Placing::read($own + $placed->laid, $placed->blank());
        $used = $read->artworks();
        if (Artwork::of($stall)->whereKey($used)->where('state', Artwork::READY)->count() !== count($used)) {
            throw new Refusal('That artwork isn’t here, or isn’t read yet.');
        }
        $lay->say($placed, $read);

        return new JsonResponse(self::say($placed));
    }

    /** POST /api/v1/print/placings/{placing}/goods: goods of this placing, or of others laid like it. */
    public function goods(Request $request, int $placing, MakeGoods $make): JsonResponse
    {
        $stall = TokensStall::writing($request, 'print');
        $placed = Placed::of($stall)->with(self::WITH)->findOrFail($placing);
        $typed = $request->validate([
            'artworks' => 'sometimes|array|min:1|max:200',
            'artworks.*' => 'integer',
            'blanks' => 'required_with:artworks|array|min:1|max:60',
            'blanks.*' => 'integer',
        ]);
        if (isset($typed['artworks'])) {
            return new JsonResponse(['listing' => null, 'run' => KeptController::begin($stall, $placed, $typed['artworks'], $typed['blanks'], null)->id]);
        }

        return new JsonResponse(['listing' => $make($stall, $placed, null)->id, 'run' => null]);
    }

    /** POST /api/v1/print/findings: what would be found, with nothing kept. */
    public function findings(Request $request): JsonResponse
    {
        $stall = TokensStall::of($request);
        $typed = $request->validate([
            'blank' => 'required|integer',
            'area' => 'required|string|max:40',
            'method' => 'required|string|max:40',
            'artwork' => 'required|integer',
            'width' => 'required|numeric|min:0.1|max:10000',
            'x' => 'sometimes|numeric|min:-10000|max:10000',
            'y' => 'sometimes|numeric|min:-10000|max:10000',
            'turn' => 'sometimes|numeric|min:-3600|max:3600',
            'colours' => 'sometimes|array|max:200',
            'colours.*' => 'string|max:60',
        ]);
        $said = SupplierItem::of($stall)->with('words')->whereNotNull('methods')->findOrFail((int) $typed['blank'])->words?->item();
        $blank = $said->blank ?? throw new Refusal('Nothing can be printed on this any more.');
        $artworks = Artwork::of($stall)->where('state', Artwork::READY)->get()->keyBy('id')->all();
        if (! isset($artworks[(int) $typed['artwork']])) {
            throw new Refusal('That artwork isn’t here, or isn’t read yet.');
        }
        $placing = Placing::read([
            'laid' => [self::laid(['area' => $typed['area'], 'method' => $typed['method'], 'pieces' => [$typed]])],
            'colours' => $typed['colours'] ?? array_keys($blank->colours),
            'sizes' => SizesOf::item($said),
        ], $blank);

        return new JsonResponse(['findings' => self::found($blank, $placing, $artworks)]);
    }

    /**
     * @param  array<int, Artwork>  $artworks
     * @return list<array<string, mixed>>
     */
    private static function found(Blank $blank, Placing $placing, array $artworks): array
    {
        return array_map(static fn (Finding $f): array => [
            'kind' => $f->kind->value,
            'weight' => $f->weight->value,
            'area' => $f->area,
            'says' => trim($f->short.' '.$f->rest),
            'colours' => $f->colours,
            'sizes' => $f->sizes,
            'mend' => $f->mend === null ? null : ['says' => $f->mend->label] + self::written($f->mend->placing),
        ], FaultsOf::find($blank, $placing, $artworks));
    }

    /** @return array<string, mixed> */
    public static function say(Placed $placed): array
    {
        $stall = Stall::query()->findOrFail($placed->stall_id);
        $placing = $placed->placing();
        $artworks = Artwork::of($stall)->where('state', Artwork::READY)->get()->keyBy('id')->all();

        return [
            'id' => $placed->id,
            'name' => $placed->name,
            'revision' => $placed->revision,
            'blank' => $placed->supplier_item_id,
            'kept_as' => $placed->kept_as,
            'made' => $placed->made_revision === $placed->revision,
        ] + self::written($placing) + ['findings' => self::found($placed->blank(), $placing, $artworks)];
    }

    /** @return array<string, mixed> */
    private static function written(Placing $placing): array
    {
        return [
            'laid' => array_map(static fn (Laid $l): array => [
                'area' => $l->area,
                'method' => $l->method,
                'pieces' => array_map(static fn (Piece $p): array => [
                    'artwork' => $p->artwork,
                    'x' => $p->x / 10,
                    'y' => $p->y / 10,
                    'width' => $p->width / 10,
                    'turn' => $p->turn / 10,
                    'repeat' => $p->repeat,
                ], $l->pieces),
                'ground' => $l->ground,
            ], $placing->laid),
            'colours' => $placing->colours,
            'sizes' => $placing->sizes,
        ];
    }

    /** Millimetres and degrees as whole tenths; what is no number stays what it is, and is refused. */
    private static function laid(mixed $said): mixed
    {
        if (! is_array($said) || ! is_array($said['pieces'] ?? null)) {
            return $said;
        }
        $tenths = static fn (mixed $n): mixed => (is_int($n) || is_float($n) || is_numeric($n)) && abs((float) $n) < 1e6
            ? (int) round(10 * (float) $n)
            : $n;
        $said['pieces'] = array_map(static fn (mixed $p): mixed => ! is_array($p) ? $p : [
            'artwork' => is_numeric($p['artwork'] ?? null) ? (int) $p['artwork'] : null,
            'x' => $tenths($p['x'] ?? 0),
            'y' => $tenths($p['y'] ?? 0),
            'width' => $tenths($p['width'] ?? null),
            'turn' => $tenths($p['turn'] ?? 0),
            'repeat' => $p['repeat'] ?? false,
        ], array_values($said['pieces']));

        return $said;
    }
}
