<?php

declare(strict_types=1);

namespace WindowStall\Source\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Core\Words\Plural;
use WindowStall\Runs\Views\RunView;
use WindowStall\Source\Connectors\Connectors;
use WindowStall\Source\Connectors\Feed\FeedFile;
use WindowStall\Source\ConnectSupplier;
use WindowStall\Source\Disconnect;
use WindowStall\Source\Feeds\FeedSample;
use WindowStall\Source\Pulling\Schedule;
use WindowStall\Source\Pulling\StartPull;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\Views\KindView;
use WindowStall\Source\Views\SupplierView;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Refusal;

/** A stall's suppliers: connecting one, how it fares, when it is pulled, and its end. */
final class ConnectionController
{
    public function create(Request $request, Stall $stall, Connectors $connectors): Response
    {
        $kinds = array_map(KindView::of(...), $connectors->cards());
        $kind = Typed::text($request, 'kind');

        return Inertia::render('source/ConnectPage', [
            'kinds' => $kinds,
            'kind' => in_array($kind, array_column($kinds, 'kind'), true) ? $kind : null,
        ]);
    }

    public function store(
        Request $request,
        Stall $stall,
        Connectors $connectors,
        ConnectSupplier $connect,
        StartPull $pull,
    ): RedirectResponse {
        $kinds = array_column($connectors->cards(), null, 'kind');
        $card = $kinds[$request->validate(['kind' => ['required', Rule::in(array_keys($kinds))]])['kind']];
        if ($card->mapped) {
            return $this->storeFile($request, $stall, $card->kind, $connect);
        }
        $typed = $request->validate(
            ['address' => 'required|string|max:300', 'key' => 'required|string|max:200'],
            [
                'key.required' => 'Paste the key from your account at the supplier.',
                'address.required' => 'Where does the supplier answer?',
            ],
        );
        $pull($connect($stall, $card->kind, $typed['address'], $typed['key']), User::asking($request));

        return redirect()->route('source', $stall);
    }

    public function show(Stall $stall, SupplierConnection $connection, Disconnect $disconnect): Response
    {
        return Inertia::render('source/SupplierPage', [
            'supplier' => SupplierView::of($stall, $connection, $disconnect->foretell($stall, $connection)),
        ]);
    }

    public function update(Request $request, Stall $stall, SupplierConnection $connection): RedirectResponse
    {
        $typed = $request->validate([
            'schedule' => ['sometimes', Rule::enum(Schedule::class)],
            'paused' => 'sometimes|boolean',
            'moving' => ['sometimes', 'nullable', Rule::in(SupplierView::PACES)],
        ]);
        if (array_key_exists('moving', $typed)) {
            $connection->moving_every = $typed['moving'] === null ? null : (int) $typed['moving'];
            $connection->moving_next_at =
                $connection->moving_every === null ? null : now()->addMinutes($connection->moving_every);
        }
        if (isset($typed['schedule'])) {
            $connection->schedule = Schedule::from($typed['schedule']);
            $connection->next_pull_at =
                $connection->paused_at === null ? $connection->schedule->next(now(), 0, $connection->id % 50) : null;
        }
        if (isset($typed['paused'])) {
            $connection->paused_at = (bool) $typed['paused'] ? now() : null;
            $connection->next_pull_at = (bool) $typed['paused']
                ? null
                : $connection->schedule->next(now(), 0, $connection->id % 50);
        }
        $connection->save();

        return back();
    }

    public function destroy(Stall $stall, SupplierConnection $connection, Disconnect $disconnect): RedirectResponse
    {
        $put = $disconnect($stall, $connection);

        return redirect()
            ->route('source', $stall)
            ->with(
                'say',
                sprintf(
                    '%s is disconnected%s.',
                    $connection->name,
                    $put === 0 ? '' : sprintf('; %s put by', Plural::of($put, 'listing was', 'listings were')),
                ),
            );
    }

    /** A newer file in place of the one that was sent before. */
    public function file(
        Request $request,
        Stall $stall,
        SupplierConnection $connection,
        StartPull $pull,
    ): RedirectResponse {
        $before = $connection->settings['file'] ?? null;
        $connection->update([
            'settings' => ['file' => FeedFile::keep(self::sent($request)->getPathname(), $stall->id)] + $connection->settings,
        ]);
        is_string($before) && Storage::delete($before);
        FeedSample::forget($connection);
        $pull($connection, User::asking($request));

        return back();
    }

    public function pull(Request $request, Stall $stall, SupplierConnection $connection, StartPull $pull): JsonResponse
    {
        return new JsonResponse(RunView::of($pull($connection, User::asking($request))));
    }

    private function storeFile(Request $request, Stall $stall, string $kind, ConnectSupplier $connect): RedirectResponse
    {
        $typed = $request->validate(
            [
                'name' => 'required|string|max:80',
                'address' => 'nullable|string|max:300',
                'key' => 'nullable|string|max:200',
            ],
            ['name.required' => 'What is the supplier called?'],
        );
        $name = trim($typed['name']);
        $address = trim((string) ($typed['address'] ?? ''));
        if ($address === '' && ! $request->hasFile('file')) {
            throw new Refusal('Send a file, or give the address it is fetched from.');
        }
        if ($address !== '') {
            $connection = $connect($stall, $kind, $address, '', $name);
        } else {
            $connection = $connect($stall, $kind, 'file:'.mb_strtolower($name), '', $name, [
                'file' => FeedFile::keep(self::sent($request)->getPathname(), $stall->id),
            ]);
        }
        FeedSample::forget($connection);

        return redirect()->route('source.mapping', [$stall, $connection]);
    }

    private static function sent(Request $request): UploadedFile
    {
        $file = $request->file('file');
        if (! ($file instanceof UploadedFile) || ! $file->isValid()) {
            throw new Refusal(
                $file instanceof UploadedFile &&
                in_array($file->getError(), [UPLOAD_ERR_INI_SIZE, UPLOAD_ERR_FORM_SIZE], true)
                    ? 'The file is too large to be sent; 1 GB is the most. Pack it as gz or zip.'
                    : 'The file didn’t arrive whole. Send it again.',
            );
        }

        return $file;
    }
}
