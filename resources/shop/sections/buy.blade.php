<form method="post" action="/basket" id="basket-form">
@include('shop::seen-from')
<input type="hidden" name="listing" value="{{ $good->figures->listing->id }}">
@if (count($good->variants) === 1)<input type="hidden" name="variant" value="{{ $good->variants[0]->row->id }}">@endif
<p class="promise"><span data-stock>{{ $good->chosen ? WindowStall\Shop\GoodsPage::stockWords($good->chosen, $good->figures->now->giving)
    : $say('shop.goods.sold_out') }}</span></p>
<div class="reach"><span class="reach-price" aria-hidden="true"><b data-price data-reach>{{ $good->price }}</b> <small
    data-reach-pieces></small></span>
<button type="submit" class="button wide" data-buy
    @if ($good->isOnly()) name="straight" value="1" @endif @disabled($good->soldOut())>{{ $say(match (true) {
    $good->soldOut() => 'shop.goods.sold_out',
    $good->isOnly() => 'shop.goods.buy_now',
    default => 'shop.goods.put',
}) }}</button></div>
@if (! $good->isOnly() && $stall->straight_to_checkout && ! $good->soldOut())<p><button type="submit" name="straight" value="1"
    class="button wide plain" data-straight>{{ $say('shop.goods.straight') }}</button></p>@endif
</form>
@if ($good->soldOut())@include('shop::back')@endif
