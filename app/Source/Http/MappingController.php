<?php

declare(strict_types=1);

namespace WindowStall\Source\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\Intl\Countries;
use WindowStall\Core\Feeds\DecimalSign;
use WindowStall\Core\Feeds\FeedField;
use WindowStall\Core\Feeds\MappedColumn;
use WindowStall\Core\Feeds\Mapping;
use WindowStall\Core\Money\Currency;
use WindowStall\Runs\Views\RunView;
use WindowStall\Source\Connectors\Connectors;
use WindowStall\Source\Connectors\Feed\DeliveryTable;
use WindowStall\Source\Connectors\Feed\FeedSettings;
use WindowStall\Source\Feeds\FeedSample;
use WindowStall\Source\Feeds\LookAtFirstRows;
use WindowStall\Source\Feeds\TableReading;
use WindowStall\Source\Pulling\StartPull;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\Views\MappingPreviewView;
use WindowStall\Source\Views\MappingView;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\ReferenceRates;
use WindowStall\Stall\User;
use WindowStall\Stall\Views\Choices;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Refusal;

/** Where a person says what the columns of a supplier's file mean. */
final class MappingController
{
    public function show(
        Request $request,
        Stall $stall,
        SupplierConnection $connection,
        Connectors $connectors,
        LookAtFirstRows $look,
    ): Response|RedirectResponse {
        abort_unless($connectors->get($connection->kind)->card()->mapped, 404);
        if ($request->boolean('afresh')) {
            FeedSample::forget($connection);
            $look->begin($connection, User::asking($request));

            return redirect()->route('source.mapping', [$stall, $connection]);
        }
        $run =
            FeedSample::kept($connection) === null
                ? $look->run($connection, User::asking($request))
                : null;
        // A small file here is read at once where the work is done at once.
        $sample = FeedSample::kept($connection);

        return Inertia::render('source/MappingPage', [
            'mapping' => $sample === null ? null : MappingView::of($stall, $connection, $sample),
            'countries' => Choices::countries(),
            'supplier' => $connection->name,
            'connection' => $connection->id,
            'looking' => $sample !== null || $run === null ? null : RunView::of($run->refresh()),
        ]);
    }

    /** Another sheet or list of the file, or another way of reading its table: its first rows are read so. */
    public function part(
        Request $request,
        Stall $stall,
        SupplierConnection $connection,
        LookAtFirstRows $look,
    ): RedirectResponse {
        // Until it is said what its columns mean, pulls go on as before.
        $connection->update(['settings' => self::looked($request, $connection) + $connection->settings]);
        FeedSample::forget($connection);
        $look->begin($connection, User::asking($request));

        return redirect()->route('source.mapping', [$stall, $connection]);
    }

    /** @return array<string, mixed> what is looked at from now on */
    private static function looked(Request $request, SupplierConnection $connection): array
    {
        if ($request->hasAny(['delimiter', 'encoding', 'head'])) {
            return ['looked_as' => TableReading::of($request->all())->toArray()];
        }
        $part = Typed::text($request, 'part');
        if (! in_array($part, FeedSample::of($connection)->parts, true)) {
            throw new Refusal('That isn’t in the file. Choose one of those that are offered.');
        }

        return ['looked' => $part];
    }

    /** What the first rows would become; nothing is saved. */
    public function preview(Request $request, Stall $stall, SupplierConnection $connection): JsonResponse
    {
        [$mapping, $delivery] = $this->typed($request);

        return new JsonResponse(MappingPreviewView::of(FeedSample::of($connection), $mapping, $delivery, $stall));
    }

    public function update(
        Request $request,
        Stall $stall,
        SupplierConnection $connection,
        StartPull $pull,
    ): RedirectResponse {
        [$mapping, $delivery] = $this->typed($request);
        if ($mapping->missing() !== []) {
            throw new Refusal(
                sprintf('Say which column is the %s; without it no row can be used.', $mapping->missing()[0]->words()),
            );
        }
        $stall->rateFrom($mapping->currency);
        DeliveryTable::read($delivery, Currency::of($mapping->currency));
        $connection->update([
            'settings' => self::settled($connection, ['mapping' => $mapping->toArray(), 'delivery' => $delivery]),
        ]);
        $pull($connection, $request->user());

        return redirect()->route('source.supplier', [$stall, $connection]);
    }

    /**
     * What was said, of which part of the file, and read in which way; what was learnt of another is forgotten.
     *
     * @param  array<string, mixed>  $said
     * @return array<string, mixed>
     */
    private static function settled(SupplierConnection $connection, array $said): array
    {
        $before = FeedSettings::of($connection->settings);
        $settings = array_diff_key($connection->settings, ['looked' => 1, 'looked_as' => 1]);
        if ($before->looksAtWhatIsPulled()) {
            return $said + $settings;
        }

        return $said + [
            'part' => $before->looked ?? $before->part,
            'reading' => ($before->lookedAs ?? $before->reading)->toArray(),
        ] + array_diff_key($settings, ['late' => 1, 'read' => 1]);
    }

    /** @return array{Mapping, string} the mapping and the delivery table as typed */
    private function typed(Request $request): array
    {
        $typed = $request->validate(
            [
                'columns' => 'present|array|max:300',
                'columns.*.name' => 'required|string|max:120',
                'columns.*.field' => ['required', Rule::enum(FeedField::class)],
                'decimal' => ['required', Rule::enum(DecimalSign::class)],
                'kilograms' => 'required|boolean',
                'currency' => ['required', Rule::in(ReferenceRates::currencies())],
                'warehouse' => ['required', Rule::in(Countries::getCountryCodes())],
                'stock' => 'required|integer|min:0|max:1000000',
                'grams' => 'required|integer|min:1|max:1000000',
                'processing_min' => 'required|integer|min:0|max:90',
                'processing_max' => 'required|integer|min:0|max:90',
                'delivery' => 'present|nullable|string|max:40000',
            ],
            [
                'stock.*' => 'How many pieces count where the file says nothing: a whole number.',
                'grams.*' => 'How heavy a piece counts where the file says nothing: grams, a whole number from 1.',
                'processing_min.*' => 'Working days before a parcel leaves: from 0 to 90.',
                'processing_max.*' => 'Working days before a parcel leaves: from 0 to 90.',
                'warehouse.in' => 'Choose the country in which the goods lie.',
            ],
        );
        $single = array_count_values(
            array_column(
                array_filter($typed['columns'], static fn (array $c): bool => ! FeedField::from($c['field'])->many()),
                'field',
            ),
        );
        foreach ($single as $field => $n) {
            if ($n > 1) {
                throw new Refusal(
                    sprintf(
                        '%d columns are said to be the %s. Only one can be.',
                        $n,
                        FeedField::from((string) $field)->words(),
                    ),
                );
            }
        }

        return [
            new Mapping(
                array_values(
                    array_map(
                        static fn (array $c): MappedColumn => new MappedColumn($c['name'], FeedField::from($c['field'])),
                        $typed['columns'],
                    ),
                ),
                DecimalSign::from($typed['decimal']),
                (bool) $typed['kilograms'],
                $typed['currency'],
                $typed['warehouse'],
                (int) $typed['stock'],
                (int) $typed['grams'],
                [
                    min((int) $typed['processing_min'], (int) $typed['processing_max']),
                    max((int) $typed['processing_min'], (int) $typed['processing_max']),
                ],
            ),
            (string) ($typed['delivery'] ?? ''),
        ];
    }
}
