@if ($messages !== [])
<aside class="notice" aria-label="News of the stall">
@foreach ($messages as $message)
<p>@if ($message['href'])<a
    href="{{ $message['href'] }}">{{ $message['words'] }}</a>@else{{ $message['words'] }}@endif</p>
@endforeach
</aside>
@endif
