<ul class="tiles shelf-tiles">
@foreach ($shelves as $shelf)
<li><a class="tile" href="{{ $shelf['href'] }}"><span class="frame">@if ($shelf['picture'])@include('shop::picture',
    ['picture' => $shelf['picture'], 'alt' => '', 'sizes' => '(min-width: 860px) 300px, 45vw',
    'eager' => false])@endif</span><span class="tile-words">{{ $shelf['words'] }}</span></a></li>
@endforeach
</ul>
