<header class="masthead place-{{ $settings['place'] }} size-{{ $settings['size'] }}">
<a class="wordmark" href="/">@if ($look->logo)<img src="{{ WindowStall\Support\Pictures\PictureSizes::url($look->logo['path'], 320) }}" alt="{{ $look->wordmark }}" width="{{ $look->logo['width'] }}" height="{{ $look->logo['height'] }}">@else{{ $look->wordmark }}@endif</a>
@if ($menu !== [])
<nav class="menu" aria-label="Shop"><ul>
@foreach ($menu as $way)<li><a href="{{ $way['href'] }}">{{ $way['words'] }}</a></li>
@endforeach
</ul></nav>
@endif
<a class="basket-link" href="/basket">Basket <span data-basket-count hidden></span></a>
</header>
