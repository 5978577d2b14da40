<?php

declare(strict_types=1);

namespace WindowStall\Standins\Writer;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;

/**
 * A small service that helps with writing. It makes drafts of nothing but the facts it is given, in one of three
 * manners, and says which facts it used and which it would have liked to have.
 */
final class ApiController
{
    /**
     * POST /v1/drafts {manner, facts: {name, kind?, materials?, sizes?, colours?, uses?, posted_from?, days?, for?}}
     */
    public function draft(Request $request): JsonResponse
    {
        $check = Validator::make($request->all(), [
            'manner' => 'required|in:plain,warm,brisk',
            'facts' => 'required|array',
            'facts.name' => 'required|string|max:200',
            'facts.*' => 'nullable',
            'facts.colours' => 'nullable|array|max:40',
            'facts.sizes' => 'nullable|array|max:60',
            'facts.materials' => 'nullable|array|max:20',
            'facts.colours.*' => 'string|max:60',
            'facts.sizes.*' => 'string|max:60',
            'facts.materials.*' => 'string|max:60',
        ]);
        if ($check->fails()) {
            return new JsonResponse(['error' => (string) $check->errors()->first()], 422);
        }
        /**
         * @var array{
         *     name: string, kind?: string|null, materials?: list<string>|null, sizes?: list<string>|null,
         *     colours?: list<string>|null, uses?: string|null, posted_from?: string|null, days?: string|null,
         *     pieces?: string|null,
         * }  $facts
         */
        $facts = $request->input('facts');

        return new JsonResponse((new Drafts($facts, $request->string('manner')->toString()))->toArray());
    }
}
