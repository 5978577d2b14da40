<?php

declare(strict_types=1);

namespace WindowStall\Window\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use WindowStall\Core\Policies\PolicyKind;
use WindowStall\Core\Policies\Withdrawal;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;
use WindowStall\Window\Policies\Particulars;
use WindowStall\Window\Policies\PublishPolicy;
use WindowStall\Window\Views\PoliciesView;

/** What only the seller can say for the policies, and publishing them. */
final class PoliciesController
{
    public function update(Request $request, Stall $stall): JsonResponse
    {
        $line = static fn (int $most): string => 'sometimes|nullable|string|max:'.$most;
        $typed = $request->validate([
            'trader' => $line(120),
            'street' => $line(120),
            'town' => $line(80),
            'postcode' => $line(20),
            'email' => 'sometimes|nullable|email|max:200',
            'phone' => $line(40),
            'register' => $line(120),
            'tax_number' => $line(40),
            'return_days' => 'sometimes|nullable|integer|min:0|max:365',
            'return_by' => ['sometimes', 'nullable', Rule::in(['shopper', 'stall'])],
            'keep_years' => 'sometimes|nullable|integer|min:1|max:30',
            'besides' => 'sometimes|array:'.implode(',', array_column(PolicyKind::cases(), 'value')),
            'besides.*' => 'nullable|string|max:2000',
        ], [
            'email.email' => 'Nothing can be sent to that address.',
            'return_days.*' => 'Say a number of days, up to 365.',
            'keep_years.*' => 'Say a number of years, from 1 to 30.',
        ]);
        $least = Withdrawal::leastDays($stall->country);
        if (isset($typed['return_days']) && (int) $typed['return_days'] < $least) {
            throw new Refusal(sprintf(
                'In %s shoppers may cancel within %d days by law: say %2$d or more.',
                Stall::countryName($stall->country),
                $least,
            ));
        }
        $particulars = Particulars::of($stall);
        if (isset($typed['besides'])) {
            $typed['besides'] = array_map(strval(...), $typed['besides']) + $particulars->besides;
        }
        $particulars->fill($typed)->save();

        return new JsonResponse(PoliciesView::of($stall));
    }

    public function publish(Request $request, Stall $stall, string $kind, PublishPolicy $publish): JsonResponse
    {
        $publish($stall, PolicyKind::tryFrom($kind) ?? abort(404), User::asking($request));

        return new JsonResponse(PoliciesView::of($stall));
    }
}
