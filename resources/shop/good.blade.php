@php($sizes = WindowStall\Window\Pages\PictureSpace::good($look->plan->build))
<li class="good{{ $good->soldOut ? ' gone' : '' }}"><a href="{{ $good->url }}"><span class="frame">
@if ($good->picture)@include('shop::picture', ['picture' => $good->picture, 'alt' => '', 'sizes' => $sizes,
    'eager' => $eager ?? false])@endif
@if ($good->soldOut)<span class="tag tag-gone">{{ $say('shop.goods.sold_out') }}</span>@elseif ($good->was !== '')<span class="tag">{{
    $say('shop.goods.was', price: $good->was) }}</span>@else
@include('shop::tag', ['tag' => $good->tag])@endif
</span>
<span class="good-words"><span class="good-number">{{ $say('shop.goods.number', number: (string) $good->id) }}</span> <span
    class="good-title">{{ $good->title }}</span>
@if ($good->gist !== '')<span class="good-gist">{{ $good->gist }}</span>@endif
@if ($good->days !== '')<span class="good-days">{{ $good->days }}</span>@endif
<span class="good-price{{ $good->was !== '' ? ' sale' : '' }}">@if ($good->varied)<span class="from">{{ $say('shop.goods.from') }}</span>
    @endif{{ $good->price }}</span></span></a></li>
