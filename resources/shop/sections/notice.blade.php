@if ($messages !== [])
<div class="notice">
@foreach ($messages as $message)
<p>@if ($message['href'])<a
    href="{{ $message['href'] }}">{{ $message['words'] }}</a>@else{{ $message['words'] }}@endif</p>
@endforeach
</div>
@endif
