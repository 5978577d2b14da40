<li class="note">@if ($note->picture)<a class="note-picture" href="{{ $note->href }}" tabindex="-1" aria-hidden="true">@include('shop::picture',
    ['picture' => $note->picture, 'alt' => '', 'sizes' => '(min-width: 860px) 260px, 40vw', 'eager' => false])</a>@endif
<div><p class="note-day">{{ $note->day }}</p>
<h{{ $level }} class="note-title"><a href="{{ $note->href }}">{{ $note->title }}</a></h{{ $level }}>
@if ($note->words !== '')<p>{{ $note->words }}</p>@endif
</div></li>
