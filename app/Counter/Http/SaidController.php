<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Counter\Order;
use WindowStall\Counter\Own\ShopPages;
use WindowStall\Reviews\Review;
use WindowStall\Reviews\SaidReview;
use WindowStall\Reviews\WriteReview;
use WindowStall\Shop\ShopStall;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Pictures\PictureSizes;
use WindowStall\Support\Pictures\UploadedPicture;
use WindowStall\Support\Refusal;
use WindowStall\Support\Speech\Speech;
use WindowStall\Window\Goods\WindowGoods;

/** Where a buyer says what they think of what they bought: once for each of the goods, from their order's own address. */
final readonly class SaidController
{
    public function __construct(private ShopPages $pages)
    {
    }

    public function show(Request $request, string $token): Response
    {
        $stall = ShopStall::of($request);

        return $this->page($stall, self::order($stall, $token), thanks: $request->has('thanks'));
    }

    public function take(Request $request, string $token, WriteReview $write, PictureSizes $pictures): Response|RedirectResponse
    {
        $stall = ShopStall::of($request);
        $order = self::order($stall, $token);
        $listing = self::goods($order)->find($request->integer('listing'));
        if ($listing === null) {
            return $this->page($stall, $order, trouble: 'none', status: 422);
        }
        $stars = $request->integer('stars');
        if ($stars < 1 || $stars > 5) {
            return $this->page($stall, $order, trouble: 'stars', status: 422);
        }
        $sent = self::sent($request);
        if (count($sent) > SaidReview::MOST_PICTURES) {
            return $this->page($stall, $order, trouble: 'pictures', status: 422);
        }
        if ($sent !== [] && ! $request->has('may_show')) {
            return $this->page($stall, $order, trouble: 'consent', status: 422);
        }
        try {
            $made = self::made($stall, $sent, $pictures);
        } catch (Refusal) {
            return $this->page($stall, $order, trouble: 'picture', status: 422);
        }
        $write($stall, $listing, $order->id, $order->paid_at, new SaidReview(
            stars: $stars,
            words: mb_substr(trim(Typed::text($request, 'words')), 0, SaidReview::MOST_LETTERS),
            name: $request->has('show_name') ? mb_substr(trim(Typed::text($request, 'name')), 0, 60) : '',
            pictures: $made,
            language: $order->language,
        ));

        return redirect()->to('/orders/'.$token.'/said?thanks', 303);
    }

    /** @return list<UploadedFile> */
    private static function sent(Request $request): array
    {
        $sent = $request->file('pictures');

        return array_values(array_filter(
            is_array($sent) ? $sent : [],
            static fn (mixed $file): bool => $file instanceof UploadedFile && $file->getError() !== UPLOAD_ERR_NO_FILE,
        ));
    }

    /**
     * @param  list<UploadedFile>  $sent
     * @return list<string> paths
     *
     * @throws Refusal where one is no picture
     */
    private static function made(Stall $stall, array $sent, PictureSizes $pictures): array
    {
        return array_map(static fn (UploadedFile $file): string => $pictures->make(
            UploadedPicture::read($file),
            'stalls/'.$stall->id.'/said/'.Str::lower(Str::random(20)),
        )['path'], $sent);
    }

    private static function order(Stall $stall, string $token): Order
    {
        $order = Order::query()->with('lines')->where('stall_id', $stall->id)->where('token', $token)->first();
        // Nothing is said of what was never paid.
        abort_unless($order !== null && $order->paid_at !== null && $order->email !== '', 404);

        return $order;
    }

    /** @return Collection<int, Listing> what they bought, each of the goods once, without what they spoke of before */
    private static function goods(Order $order): Collection
    {
        $spoken = Review::query()->where('order_id', $order->id)->pluck('listing_id');

        return Listing::query()
            ->whereIn('id', ListingVariant::query()
                ->whereIn('id', $order->lines->pluck('listing_variant_id')->filter())
                ->selectRaw('COALESCE(listing_id, left_listing_id)'))
            ->whereNotIn('id', $spoken)
            ->with(Listing::FOR_FIGURES)
            ->orderBy('id')
            ->get();
    }

    private function page(Stall $stall, Order $order, string $trouble = '', bool $thanks = false, int $status = 200): Response
    {
        return $this->pages->html($stall, $order->language, 'said', static fn (): string => Speech::say('shop.said.title'), [
            'order' => $order,
            'goods' => WindowGoods::of($stall)->cardsOf(self::goods($order)),
            'thanks' => $thanks,
            'trouble' => $trouble,
            'most' => SaidReview::MOST_PICTURES,
            'unlisted' => true,
        ], $status);
    }
}
