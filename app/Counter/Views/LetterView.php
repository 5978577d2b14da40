<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use Carbon\CarbonInterface;
use WindowStall\Core\Dispatch\Told\FactWords;
use WindowStall\Counter\Letters\Letter;
use WindowStall\Counter\Letters\TextPiece;
use WindowStall\Counter\Order;
use WindowStall\Counter\People\AboutPerson;
use WindowStall\Counter\People\People;
use WindowStall\Counter\Told\OrderFacts;
use WindowStall\Stall\Stall;

/** A letter with everything that was said. */
final readonly class LetterView
{
    /**
     * @param  string  $waits  how long it has waited for an answer; "" where it doesn't
     * @param  int|null  $person  by which order its writer is found among people; null where they bought nothing
     * @param  list<ThreadLineView>  $thread  all between the stall and its writer
     * @param  list<TextPieceView>  $pieces
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $email,
        public ?int $order,
        public ?int $orderNumber,
        public bool $open,
        public string $waits,
        public ?int $person,
        public array $thread,
        public array $pieces,
    ) {
    }

    public static function of(Stall $stall, Letter $letter): self
    {
        return new self(
            id: $letter->id,
            name: $letter->name,
            email: $letter->email,
            order: $letter->order_id,
            orderNumber: $letter->order?->number,
            open: $letter->open,
            waits: $letter->open ? $letter->last_at->diffForHumans(syntax: CarbonInterface::DIFF_ABSOLUTE) : '',
            person: People::find($stall, $letter->email)?->id,
            thread: PersonThread::of($stall, $letter->email),
            pieces: self::pieces($stall, $letter),
        );
    }

    /** @return list<TextPieceView> */
    private static function pieces(Stall $stall, Letter $letter): array
    {
        $facts = self::facts($stall, $letter);

        return array_values(TextPiece::of($stall)->orderBy('name')->get()->map(static fn (TextPiece $one): TextPieceView => new TextPieceView(
            $one->id,
            $one->name,
            $one->words,
            FactWords::fill($one->words, $facts),
        ))->all());
    }

    /** @return array<string, string> of the order it is about, or of its writer's last one */
    private static function facts(Stall $stall, Letter $letter): array
    {
        $order = $letter->order_id !== null
            ? Order::query()->with('lines')->find($letter->order_id)
            : AboutPerson::orders($stall, $letter->email)->whereNotNull('paid_at')->first();
        $known = $order === null ? [] : OrderFacts::of(
            $stall->speaking($letter->language),
            $order->loadMissing('lines'),
            $order->parcels()->latest('number')->first(),
            $order->refunds()->latest('id')->first(),
        );

        return ['name' => $letter->name, 'shop' => $stall->name] + $known;
    }
}
