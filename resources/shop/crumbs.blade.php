<nav class="crumbs" aria-label="{{ $say('shop.where_this_is') }}"><ol>
<li><a href="/">{{ $look->wordmark }}</a></li>
@foreach ($crumbs as $crumb)
<li>@if ($loop->last)<span aria-current="page">{{ $crumb['words'] }}</span>@else<a
    href="{{ $crumb['href'] }}">{{ $crumb['words'] }}</a>@endif</li>
@endforeach
</ol></nav>
@push('head')
<script type="application/ld+json">{!! json_encode(WindowStall\Shop\Crumbs::jsonLd($stall, $look->wordmark, $crumbs),
    JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_HEX_TAG | JSON_HEX_AMP) !!}</script>
@endpush
