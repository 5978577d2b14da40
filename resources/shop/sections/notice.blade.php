@if ($messages !== [])
<aside class="notice" aria-label="{{ $say('shop.news') }}">
@foreach ($messages as $message)
<p>@if ($message['href'])<a
    href="{{ $message['href'] }}">{{ $message['words'] }}</a>@else{{ $message['words'] }}@endif
@if ($message['ends'])<time datetime="{{ $message['ends']->toIso8601String() }}" data-ends
    data-left="{{ $say('shop.tags.left', time: '{time}') }}">{{ $say('shop.tags.until',
        day: WindowStall\Support\Speech\Spoken::day(WindowStall\Stall\Clock::of($stall)->local($message['ends']))) }}</time>@endif</p>
@endforeach
</aside>
@endif
