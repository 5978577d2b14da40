<nav class="crumbs" aria-label="{{ $say('shop.where_this_is') }}"><ol>
<li><a href="/">{{ $look->wordmark }}</a></li>
@foreach ($crumbs as $crumb)
<li>@if ($loop->last)<span aria-current="page">{{ $crumb['words'] }}</span>@else<a
    href="{{ $crumb['href'] }}">{{ $crumb['words'] }}</a>@endif</li>
@endforeach
</ol></nav>
