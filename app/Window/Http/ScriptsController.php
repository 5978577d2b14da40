<?php

declare(strict_types=1);

namespace WindowStall\Window\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use WindowStall\Core\Policies\ScriptHosts;
use WindowStall\Core\Policies\ScriptPurpose;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;
use WindowStall\Window\Scripts\OutsideScript;
use WindowStall\Window\Views\OutsideScriptView;

/** The scripts of others that run beside the shop. */
final class ScriptsController
{
    public function add(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate([
            'name' => 'required|string|max:60',
            'purpose' => ['required', Rule::enum(ScriptPurpose::class)],
            'address' => 'required|string|max:400',
            'is_picture' => 'boolean',
            'hosts' => 'nullable|string|max:1000',
        ], [
            'name.*' => 'Say in up to 60 letters whose it is: shoppers read that.',
            'purpose.*' => 'Say what it is for.',
            'address.*' => 'Type the address it is loaded from.',
        ]);
        $address = trim((string) $typed['address']);
        if (ScriptHosts::ofAddress($address) === null) {
            throw new Refusal('An address that shoppers’ browsers may load begins with https:// and a host such as count.example.');
        }
        $hosts = ScriptHosts::read((string) ($typed['hosts'] ?? ''))
            ?? throw new Refusal('Hosts are written as count.example or *.count.example, up to twelve of them.');
        DB::transaction(static function () use ($stall, $typed, $address, $hosts): void {
            Stall::query()->whereKey($stall->id)->lockForUpdate()->first();
            if (OutsideScript::of($stall)->count() >= OutsideScript::MOST) {
                throw new Refusal(sprintf('%d run beside the shop already.', OutsideScript::MOST));
            }
            OutsideScript::of($stall)->create([
                'name' => trim((string) $typed['name']),
                'purpose' => $typed['purpose'],
                'address' => $address,
                'is_picture' => $typed['is_picture'] ?? false,
                'hosts' => $hosts,
            ]);
            StalePages::frame($stall);
        });

        return new JsonResponse(OutsideScriptView::all($stall));
    }

    public function remove(Stall $stall, OutsideScript $outsideScript): JsonResponse
    {
        DB::transaction(static function () use ($stall, $outsideScript): void {
            $outsideScript->delete();
            StalePages::frame($stall);
        });

        return new JsonResponse(OutsideScriptView::all($stall));
    }
}
