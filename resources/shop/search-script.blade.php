@pushOnce('islands')
<script type="module" src="{{ $assets->url('resources/shop/islands/search.ts') }}"></script>
@endPushOnce
