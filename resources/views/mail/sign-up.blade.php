@if ($promised !== '')
{!! $promised !!}

@endif
{!! $say('letters.code.words', code: $code) !!}

{!! $link !!}

{!! $shop !!}

{!! $say('letters.code.stop') !!}
{!! $stop !!}
