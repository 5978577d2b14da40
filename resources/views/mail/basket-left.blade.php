Hello {!! $name !!},

{!! $words !!}

@foreach ($goods as $good)
{!! $good !!}
@endforeach

It is kept here: {!! $link !!}

{!! $shop !!}

You said at the checkout that we may write to you. We remind you of this basket once. To get no more mail from us: {!! $stop !!}
