<nav class="markets" aria-label="Prices for" data-markets="{{ $stall->seen()->country }}"><span>Prices for</span> @foreach ($markets as $market)
@if ($market->country === $stall->seen()->country)<b>{{ $market->words() }}</b>
@else<a href="{{ $stall->shopAddress($market->path($path)) }}" hreflang="en-{{ $market->country }}"
    data-market="{{ $market->country }}">{{ $market->words() }}</a>
@endif
@endforeach
</nav>
