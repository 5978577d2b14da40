<form class="search" data-suggested="{{ $say('shop.looking.suggested') }}" data-shelf="{{ $say('shop.shelves.one') }}"
    method="get" action="/search" role="search">
<label class="sr" for="{{ $id ?? 'search' }}">{{ $say('shop.looking.what') }}</label>
<input id="{{ $id ?? 'search' }}" type="search" name="q" value="{{ $typed ?? '' }}" maxlength="200"
    autocomplete="off" placeholder="{{ $say('shop.looking.what') }}">
<button type="submit" class="button">{{ $say('shop.looking.look') }}</button>
</form>
