@php($was = $good->chosen ? $good->was($good->chosen) : ['was' => '', 'lowest' => ''])
<p class="price"><span data-price>{{ $good->price }}</span> <s class="was" data-was
    @if ($was['was'] === '')hidden @endif>{{ $was['was'] }}</s> <span class="quiet">{{
    $say($stall->terms($stall->seen()->country)->tax->included ? 'shop.vat.of_price_included' : 'shop.vat.of_price_on_top') }}</span></p>
<p class="quiet" data-lowest @if ($was['lowest'] === '')hidden @endif>{{ $was['lowest'] }}</p>
@php($summary = $good->reviews()->summary)
@if ($summary->digits() !== '')<p class="rated"><a href="{{ $good->address() }}/said"><span aria-hidden="true">★</span> {{
    $say('shop.said.short', stars: $summary->digits(), count: $summary->count) }}</a>@if ($good->reviews()->pictured > 0) · {{
    $say('shop.said.pictured', count: $good->reviews()->pictured) }}@endif</p>@endif
