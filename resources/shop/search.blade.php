@pushOnce('islands')
<script type="module" src="{{ $assets->url('resources/shop/islands/search.ts') }}"></script>
@endPushOnce
<form class="search" method="get" action="/search" role="search">
<label class="sr" for="{{ $id ?? 'search' }}">What are you looking for?</label>
<input id="{{ $id ?? 'search' }}" type="search" name="q" value="{{ $typed ?? '' }}" maxlength="200"
    autocomplete="off" placeholder="What are you looking for?">
<button type="submit" class="button">Look</button>
</form>
