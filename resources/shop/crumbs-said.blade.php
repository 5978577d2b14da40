@push('head')
<script type="application/ld+json">{!! json_encode(WindowStall\Shop\Crumbs::jsonLd($stall, $look->wordmark, $crumbs),
    JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_HEX_TAG | JSON_HEX_AMP) !!}</script>
@endpush
