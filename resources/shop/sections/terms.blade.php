@php($delivery = WindowStall\Stall\Terms\SaidDelivery::of($stall))
@php($returns = $good->returns())
@if ($good->figures->now->giving === null)<p class="quiet">{{ match (true) {
    $delivery->charge === null => $say('shop.delivery.basket_says', country: $stall->seenName()),
    $delivery->isFree() => $say('shop.delivery.free'),
    $delivery->freeOver !== null => $say('shop.delivery.free_over', charge: $delivery->charge, over: $delivery->freeOver),
    default => $say('shop.delivery.flat', charge: $delivery->charge),
} }} @if ($returns !== ''){{ $returns }} <a href="/policies/returns">{{
    $say('shop.goods.returns') }}</a>@endif</p>@endif
