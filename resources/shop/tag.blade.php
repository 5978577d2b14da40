@if ($tag->words !== '' || $tag->spells !== [])<span
    class="tag"@if ($tag->spells !== []) data-tag="{{ $tag->dated }}" data-spells="{{ json_encode($tag->spells) }}"@endif
    @if ($tag->words === '') hidden @endif>{{ $tag->words }}</span>@endif
