<nav class="markets" aria-label="{{ $say('shop.markets.heading') }}" data-markets="{{ $stall->seen()->country }}"
    lang="{{ $stall->seen()->language }}"><span>{{ $say('shop.markets.heading') }}</span>
@foreach ($markets as $market)
@if ($market->prefix === $stall->seen()->prefix)<b>{{ $market->words($stall->seen()->language) }}</b>
@else<a href="{{ $stall->shopAddress($market->path($path)) }}" hreflang="{{ $market->hreflang() }}" lang="{{ $market->language }}"
    data-market="{{ $market->country }}" data-offer="{{ $market->offer() }}" data-stay="{{ $market->stay() }}">{{
    $market->words($stall->seen()->language) }}</a>
@endif
@endforeach
</nav>
