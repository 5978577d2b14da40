@extends('shop::layout')
@push('head')
<script type="application/ld+json">{!! json_encode($good->jsonLd($stall->shopAddress($stall->seen()->path($path))), JSON_UNESCAPED_SLASHES
    | JSON_UNESCAPED_UNICODE | JSON_HEX_TAG | JSON_HEX_AMP) !!}</script>
@if ($good->firsts() !== '')<style>{{ $good->firsts() }}</style>
@endif
@endpush
@section('main')
<div class="crumbs-row">@include('shop::crumbs')</div>
@php($chosen = $good->chosen)
<article class="product" data-product data-put="{{ $say('shop.goods.put') }}"
    data-not-so="{{ $say('shop.goods.not_so') }}" data-another="{{ $say('shop.goods.another') }}">
<div class="gallery" tabindex="0" role="group" aria-label="{{ $say('shop.goods.pictures') }}">
@forelse ($good->pictures as $i => $picture)
<div class="shot" id="picture-{{ $i }}" data-shot="{{ $i }}">@include('shop::picture', ['picture' => $picture,
    'alt' => $picture->alt ?? ($i === 0 ? $good->title : $say('shop.goods.picture', title: $good->title, number: $i + 1)),
    'sizes' => '(min-width: 860px) 560px, 100vw', 'eager' => $i === 0])</div>
@empty<div class="shot empty"></div>@endforelse
</div>
<div class="buy">
<h1>{{ $good->title }}</h1>
@php($was = $chosen ? $good->was($chosen) : ['was' => '', 'lowest' => ''])
<p class="price"><span data-price>{{ $good->price }}</span> <s class="was" data-was
    @if ($was['was'] === '')hidden @endif>{{ $was['was'] }}</s> <span class="quiet">{{
    $say($stall->terms($stall->seen()->country)->tax->included ? 'shop.vat.of_price_included' : 'shop.vat.of_price_on_top') }}</span></p>
<p class="quiet" data-lowest @if ($was['lowest'] === '')hidden @endif>{{ $was['lowest'] }}</p>
@if ($chosen && $good->rungs($chosen) !== [])<ul class="rungs"
    data-rungs>@foreach ($good->rungs($chosen) as $rung)<li>{{ $rung }}</li>@endforeach</ul>@endif
<form method="post" action="/basket">
@include('shop::spoken')
<input type="hidden" name="listing" value="{{ $good->figures->listing->id }}">
@if (! $stall->seen()->isHome())<input type="hidden" name="country" value="{{ $stall->seen()->country }}">
@endif
@foreach ($good->options as $name => $values)
@php($coloured = WindowStall\Core\Shelves\Swatch::fits($values))
<fieldset class="options"><legend>{{ $stall->phrases()->say($name) }}</legend><div class="pills">
@foreach ($values as $value)
@php($gone = $good->valueGone($name, $value))
@php($swatch = $coloured ? WindowStall\Core\Shelves\Swatch::of($value) : null)
<label class="pill"@if ($gone) data-gone @endif><input type="radio" id="o-{{ $loop->parent->index }}-{{ $loop->index }}"
    name="option[{{ $name }}]" value="{{ $value }}" @checked(($chosen->options[$name] ?? null) === $value)
    data-option="{{ $loop->parent->index }}"><span>@if ($swatch)<i class="swatch"
    style="background:{{ $swatch }}"></i>@endif<b>{{ $stall->phrases()->say($value) }}</b>@if ($gone) <small>{{
    $say('shop.goods.gone') }}</small>@endif</span></label>
@endforeach
</div></fieldset>
@endforeach
@if (count($good->variants) === 1)<input type="hidden" name="variant" value="{{ $good->variants[0]->row->id }}">@endif
<p class="promise"><span data-stock>{{ $chosen ? WindowStall\Shop\GoodsPage::stockWords($chosen)
    : $say('shop.goods.sold_out') }}</span> <span data-days>{{ $chosen ? WindowStall\Shop\GoodsPage::daysWords($chosen->days)
    : '' }}</span></p>
<div class="reach"><span class="reach-price" aria-hidden="true" data-price>{{ $good->price }}</span>
<button type="submit" class="button wide" data-buy
    @disabled($good->soldOut())>{{ $say($good->soldOut() ? 'shop.goods.sold_out' : 'shop.goods.put') }}</button></div>
@if ($stall->straight_to_checkout && ! $good->soldOut())<p><button type="submit" name="straight" value="1"
    class="button wide plain" data-straight>{{ $say('shop.goods.straight') }}</button></p>@endif
@php($delivery = WindowStall\Stall\Terms\SaidDelivery::of($stall))
<p class="quiet">{{ match (true) {
    $delivery->charge === null => $say('shop.delivery.basket_says', country: $stall->seenName()),
    $delivery->isFree() => $say('shop.delivery.free'),
    $delivery->freeOver !== null => $say('shop.delivery.free_over', charge: $delivery->charge, over: $delivery->freeOver),
    default => $say('shop.delivery.flat', charge: $delivery->charge),
} }} @if ($returns !== ''){{ $returns }} <a href="/policies/returns">{{
    $say('shop.goods.returns') }}</a>@endif</p>
</form>
<div class="words">{!! $good->words !!}</div>
@if ($good->facts() !== [])<table class="facts"><caption class="sr">{{ $say('shop.goods.facts') }}</caption><tbody>
@foreach ($good->facts() as $told => $fact)<tr><th scope="row">{{ $told }}</th><td>{{ $fact }}</td></tr>
@endforeach
</tbody></table>@endif
</div>
<script type="application/json" data-choices>{!! json_encode($good->choices(), JSON_HEX_TAG | JSON_HEX_AMP
    | JSON_UNESCAPED_UNICODE) !!}</script>
</article>
@if ($related !== [])<section class="row related"><h2>{{ $say('shop.goods.related') }}</h2>
<ul class="goods">
@foreach ($related as $other)@include('shop::good', ['good' => $other])
@endforeach
</ul></section>@endif
@endsection
