<?php

declare(strict_types=1);

namespace WindowStall\Standins\Tannet;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Standins\Drawings\Rendered;
use WindowStall\Standins\Tannet\Plates\Plate;
use WindowStall\Standins\Tannet\Plates\Scene;

/** Tannet's JSON interface: blanks page by page, delivery, pictures. Every answer but 2xx is {"error": sentence}. */
final class ApiController
{
    private const PAGE = 4;

    /** As middleware: lets in who has a key. */
    public function handle(Request $request, Closure $next): Response
    {
        return isset(Books::KEYS[(string) $request->bearerToken()])
            ? $next($request)
            : self::error(401, 'No account goes with this key.');
    }

    public function account(Request $request): JsonResponse
    {
        return new JsonResponse([
            'studio' => Books::KEYS[(string) $request->bearerToken()],
            'currency' => 'EUR',
            'works' => 'NL',
        ]);
    }

    public function blanks(Request $request): JsonResponse
    {
        $page = max(1, $request->integer('page', 1));
        $all = Books::blanks();

        return new JsonResponse([
            'blanks' => array_slice($all, ($page - 1) * self::PAGE, self::PAGE),
            'page' => $page,
            'pages' => (int) ceil(count($all) / self::PAGE),
            'count' => count($all),
        ]);
    }

    public function blank(string $code): JsonResponse
    {
        foreach (Books::blanks() as $blank) {
            if ($blank['code'] === $code) {
                return new JsonResponse($blank);
            }
        }

        return self::error(404, 'No blank has that code.');
    }

    public function delivery(Request $request): JsonResponse
    {
        $check = Validator::make($request->all(), [
            'parcels' => 'required|array|max:400',
            'parcels.*.to' => 'required|string|size:2',
            'parcels.*.grams' => 'required|integer|min:1',
        ]);
        if ($check->fails()) {
            return self::error(422, (string) $check->errors()->first());
        }
        /** @var list<array{to: string, grams: int}> $parcels */
        $parcels = $request->input('parcels');

        return new JsonResponse([
            'answers' => array_map(static fn (array $p): array => Books::quote($p['to'], (int) $p['grams']), $parcels),
        ]);
    }

    /** A blank lying flat in its n-th colour. */
    public function picture(Request $request, string $code, int $n): Response
    {
        return $this->plate($request, $code, Scene::Flat->value, 'colour-'.$n);
    }

    /** A layer of a plate: "colour-0" and so on, "mask", "shading" or "displacement". */
    public function plate(Request $request, string $code, string $scene, string $layer): Response
    {
        $row = array_column(Books::rows(), null, 'code')[$code] ?? abort(404);
        $plate = new Plate($row['shape'], Scene::tryFrom($scene) ?? abort(404));
        $colour = array_values($row['colours'])[(int) substr($layer, 7)] ?? abort(404);

        return Rendered::svg(match (true) {
            $layer === 'mask' => $plate->mask(),
            $layer === 'shading' => $plate->shading(),
            $layer === 'displacement' => $plate->displacement(),
            str_starts_with($layer, 'colour-') => $plate->picture($colour),
            default => abort(404),
        }, min(Plate::SIDE, max(80, $request->integer('px', 1200))));
    }

    private static function error(int $status, string $sentence): JsonResponse
    {
        return new JsonResponse(['error' => $sentence], $status);
    }
}
