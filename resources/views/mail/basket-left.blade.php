{!! $say('letters.hello', name: $name) !!}

{!! $words !!}

@foreach ($goods as $good)
{!! $good !!}
@endforeach

{!! $say('letters.left.kept', link: $link) !!}

{!! $shop !!}

{!! $say('letters.left.why', stop: $stop) !!}
