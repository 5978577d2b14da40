@if ($messages !== [])
<aside class="notice" aria-label="{{ $say('shop.news') }}">
@foreach ($messages as $message)
<p>@if ($message['href'])<a
    href="{{ $message['href'] }}">{{ $message['words'] }}</a>@else{{ $message['words'] }}@endif</p>
@endforeach
</aside>
@endif
