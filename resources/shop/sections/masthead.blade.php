<header class="masthead place-{{ $settings['place'] }} size-{{ $settings['size'] }}">
@php($sign = WindowStall\Window\HeadLogo::of($look))
<a class="wordmark" href="/">@if ($sign)<img
    src="{{ WindowStall\Support\Pictures\PictureSizes::url($sign->logo['path'], 280) }}" alt="{{ $look->wordmark }}"
    width="{{ $sign->logo['width'] }}"
    height="{{ $sign->logo['height'] }}"@if ($sign->plate) class="plate" style="background:var(--{{ $sign->plate }})"@endif>@else{{ $look->wordmark }}@endif</a>
@if ($menu !== [])
<nav class="menu" aria-label="{{ $say('shop.menu') }}"><ul>
@foreach ($menu as $way)
@if ($way['under'] === [])<li><a href="{{ $way['href'] }}">{{ $way['words'] }}</a></li>
@else<li><details class="under"><summary>{{ $way['words'] }}</summary><ul>
@if ($way['href'] !== null)<li><a href="{{ $way['href'] }}">{{ $say('shop.all_of', name: $way['words']) }}</a></li>@endif
@foreach ($way['under'] as $below)<li><a href="{{ $below['href'] }}">{{ $below['words'] }}</a></li>
@endforeach
</ul></details></li>
@endif
@endforeach
</ul></nav>
@endif
<a class="search-link" href="/search">{{ $say('shop.search') }}</a>
@if (WindowStall\Window\Goods\SoldOnly::by($stall) === null)<a class="basket-link" href="/basket">{{ $say('shop.basket') }} <span data-basket-count
    hidden></span></a>@endif
</header>
