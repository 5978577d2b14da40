<?php

declare(strict_types=1);

namespace WindowStall\Drift\Http;

use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use WindowStall\Core\Drift\Guards\GuardLimits;
use WindowStall\Core\Facts\FactName;
use WindowStall\Core\Facts\FloorPolicy;
use WindowStall\Core\Facts\Policies;
use WindowStall\Core\Facts\Policy;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;

/**
 * What somebody says otherwise in the rules, one thing after the other, as it is typed.
 *
 * @phpstan-import-type RuleEdit from \WindowStall\Drift\Rules\RuleBook
 */
final class RuleEdits
{
    private const MOST = 200;

    /** @return list<RuleEdit> */
    public static function of(Request $request, Stall $stall): array
    {
        $suppliers = SupplierConnection::of($stall)->whereNull('disconnected_at')->pluck('id')->all();
        $typed = $request->validate([
            'edits' => 'required|array|min:1|max:'.self::MOST,
            'edits.*' => 'array:connection,fact,policy,band,floor,pulls,guard,share,keptBack',
            'edits.*.connection' => ['nullable', 'integer', Rule::in($suppliers)],
            'edits.*.fact' => ['sometimes', 'required', Rule::enum(FactName::class)],
            'edits.*.policy' => ['required_with:edits.*.fact', Rule::enum(Policy::class)],
            'edits.*.band' => 'sometimes|required|numeric|min:0|max:'.(Policies::MOST_BAND / 100),
            'edits.*.floor' => ['sometimes', 'required', Rule::enum(FloorPolicy::class)],
            'edits.*.pulls' => 'sometimes|required|integer|between:0,'.Policies::MOST_PULLS,
            'edits.*.guard' => ['sometimes', 'required', Rule::in(array_keys((new GuardLimits)->toArray()))],
            'edits.*.share' => 'required_with:edits.*.guard|numeric|min:0|max:100',
            'edits.*.keptBack' => 'sometimes|required|integer|between:0,999',
        ], [
            'edits.*.connection.in' => 'That supplier is none of yours, or was disconnected.',
            'edits.*.band.*' => sprintf('How far a cost may move lies between 0 and %d%%.', Policies::MOST_BAND / 100),
            'edits.*.share.*' => 'A share lies between 0 and 100%.',
            'edits.*.keptBack.*' => 'From 0 to 999 pieces can be kept back.',
        ]);

        /** @var list<RuleEdit> */
        return array_values((array) $typed['edits']);
    }
}
