<?php

declare(strict_types=1);

namespace WindowStall\Counter\People;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\Returns\ReturnState;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Letters\Letter;
use WindowStall\Counter\Order;
use WindowStall\Counter\Returns\OrderReturn;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Reviews\Review;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/**
 * Forgets somebody on their wish (Regulation (EU) 2016/679, Article 17): who they are goes from orders, letters, lists and notes. What
 * the books must keep stays: amounts, goods, country, and the invoices and credit notes as they were written.
 */
final class ForgetPerson
{
    /** What stands for who it was. */
    private const FORGOTTEN = ['name' => '–', 'email' => '', 'street' => '', 'town' => '', 'postcode' => '', 'phone' => '', 'company' => '', 'wallet' => ''];

    /**
     * @return int how many orders it was of
     *
     * @throws Refusal while something of theirs is under way
     */
    public function __invoke(Stall $stall, string $email): int
    {
        $theirs = PersonAddresses::of($stall, $email);
        $array = PersonAddresses::array($stall, $email);

        return DB::transaction(function () use ($stall, $theirs, $array): int {
            $orders = Order::query()
                ->where('stall_id', $stall->id)
                ->whereIn('whose', $theirs)
                ->orderBy('id')
                ->lockForUpdate()
                ->get();
            foreach ($orders->load(['supplierOrders', 'parcels', 'returns']) as $order) {
                self::refuseIfOpen($order);
            }
            foreach ($orders as $order) {
                $this->returns($order);
                $order->update(self::FORGOTTEN);
                // What they said stays as said by a buyer; who it was and what their pictures show goes.
                Review::of($stall)->where('order_id', $order->id)->update(['name' => '', 'pictures' => '[]']);
            }
            Letter::of($stall)->whereIn('whose', $theirs)->delete();
            DB::table('sign_ups')->where('stall_id', $stall->id)->whereRaw('lower(email) = ANY(?)', [$array])->delete();
            DB::table('goods_questions')->where('stall_id', $stall->id)->whereRaw('email = ANY(?)', [$array])->delete();
            DB::table('back_wishes')->where('stall_id', $stall->id)->whereRaw('email = ANY(?)', [$array])->delete();
            DB::table('people_notes')->where('stall_id', $stall->id)->whereIn('email', $theirs)->delete();
            DB::table('people_joined')->where('stall_id', $stall->id)->where('person', $theirs[0])->delete();

            return $orders->count();
        }, attempts: 3);
    }

    private static function refuseIfOpen(Order $order): void
    {
        $waits = $order->supplierOrders->contains(static fn (SupplierOrder $row): bool => in_array(
            $row->state,
            [SupplierOrderState::ToSend, SupplierOrderState::Sent, SupplierOrderState::Accepted],
            true,
        ));
        $comes = $order->parcels->contains(static fn (Parcel $parcel): bool => $parcel->there_at === null && $parcel->next_ask_at !== null);
        $back = $order->returns->contains(static fn (OrderReturn $return): bool => in_array(
            $return->state,
            [ReturnState::Asked, ReturnState::Awaited],
            true,
        ));
        $paying = $order->state === OrderState::Refunding || $order->pending_since !== null || $order->disputed_at !== null;
        if ($order->state === OrderState::Paid && ($waits || $comes) || $back || $paying) {
            throw new Refusal(sprintf('Order %d is still under way. Forget them once it is done.', $order->number));
        }
    }

    private function returns(Order $order): void
    {
        foreach ($order->returns as $return) {
            if ($return->picture !== null) {
                $folder = dirname($return->picture);
                DB::afterCommit(static fn () => Storage::disk('media')->deleteDirectory($folder));
            }
            $return->update(['words' => '', 'picture' => null]);
        }
    }
}
