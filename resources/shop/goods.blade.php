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
<article class="product" data-product>
<div class="gallery" tabindex="0" role="group" aria-label="Pictures">
@forelse ($good->pictures as $i => $picture)
<div class="shot" id="picture-{{ $i }}" data-shot="{{ $i }}">@include('shop::picture', ['picture' => $picture,
    'alt' => $picture->alt ?? ($i === 0 ? $good->title : $good->title.', picture '.($i + 1)),
    'sizes' => '(min-width: 860px) 560px, 100vw', 'eager' => $i === 0])</div>
@empty<div class="shot empty"></div>@endforelse
</div>
<div class="buy">
<h1>{{ $good->title }}</h1>
@php($was = $chosen ? $good->was($chosen) : ['was' => '', 'lowest' => ''])
<p class="price"><span data-price>{{ $good->price }}</span> <s class="was" data-was
    @if ($was['was'] === '')hidden @endif>{{ $was['was'] }}</s> <span class="quiet">VAT {{ $stall->terms($stall->seen()->country)->tax->included
    ? 'included' : 'is added at the checkout' }}</span></p>
<p class="quiet" data-lowest @if ($was['lowest'] === '')hidden @endif>{{ $was['lowest'] }}</p>
@if ($chosen && $good->rungs($chosen) !== [])<ul class="rungs"
    data-rungs>@foreach ($good->rungs($chosen) as $rung)<li>{{ $rung }}</li>@endforeach</ul>@endif
<form method="post" action="/basket">
<input type="hidden" name="listing" value="{{ $good->figures->listing->id }}">
@if (! $stall->seen()->isHome())<input type="hidden" name="country" value="{{ $stall->seen()->country }}">
@endif
@foreach ($good->options as $name => $values)
@php($coloured = WindowStall\Core\Shelves\Swatch::fits($values))
<fieldset class="options"><legend>{{ $name }}</legend><div class="pills">
@foreach ($values as $value)
@php($gone = $good->valueGone($name, $value))
@php($swatch = $coloured ? WindowStall\Core\Shelves\Swatch::of($value) : null)
<label class="pill"@if ($gone) data-gone @endif><input type="radio" id="o-{{ $loop->parent->index }}-{{ $loop->index }}"
    name="option[{{ $name }}]" value="{{ $value }}" @checked(($chosen->options[$name] ?? null) === $value)
    data-option="{{ $loop->parent->index }}"><span>@if ($swatch)<i class="swatch"
    style="background:{{ $swatch }}"></i>@endif<b>{{ $value }}</b>@if ($gone) <small>sold out</small>@endif</span></label>
@endforeach
</div></fieldset>
@endforeach
@if (count($good->variants) === 1)<input type="hidden" name="variant" value="{{ $good->variants[0]->row->id }}">@endif
<p class="promise"><span data-stock>{{ $chosen ? WindowStall\Shop\GoodsPage::stockWords($chosen)
    : 'Sold out' }}</span> <span data-days>{{ $chosen ? WindowStall\Shop\GoodsPage::daysWords($chosen->days)
    : '' }}</span></p>
<div class="reach"><span class="reach-price" aria-hidden="true" data-price>{{ $good->price }}</span>
<button type="submit" class="button wide" data-buy
    @disabled($good->soldOut())>{{ $good->soldOut() ? 'Sold out' : 'Put in basket' }}</button></div>
@if ($stall->straight_to_checkout && ! $good->soldOut())<p><button type="submit" name="straight" value="1"
    class="button wide plain" data-straight>Straight to the checkout</button></p>@endif
@php($delivery = WindowStall\Stall\Terms\SaidDelivery::of($stall))
<p class="quiet">@if ($delivery->charge === null)The basket says what delivery to {{ $stall->seenName() }}
    costs.@elseif (! $delivery->isFree())Delivery
    {{ WindowStall\Support\Views\MoneyView::text($delivery->charge) }}@if ($delivery->freeOver), free from
    {{ WindowStall\Support\Views\MoneyView::text($delivery->freeOver) }} on.@else, however much you buy.@endif @else
    Delivery is free.@endif @if ($returns !== ''){{ $returns }} <a href="/policies/returns">More on returns</a>@endif</p>
</form>
<div class="words">{!! $good->words !!}</div>
@if ($good->facts() !== [])<table class="facts"><caption class="sr">Facts</caption><tbody>
@foreach ($good->facts() as $told => $fact)<tr><th scope="row">{{ $told }}</th><td>{{ $fact }}</td></tr>
@endforeach
</tbody></table>@endif
</div>
<script type="application/json" data-choices>{!! json_encode($good->choices(), JSON_HEX_TAG | JSON_HEX_AMP
    | JSON_UNESCAPED_UNICODE) !!}</script>
</article>
@if ($related !== [])<section class="row related"><h2>From the same shelves</h2>
<ul class="goods">
@foreach ($related as $other)@include('shop::good', ['good' => $other])
@endforeach
</ul></section>@endif
@endsection
