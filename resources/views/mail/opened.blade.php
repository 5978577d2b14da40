{!! $say('letters.opened.words', shop: $shop) !!}

{!! $link !!}

{!! $shop !!}

{!! $say('letters.code.stop') !!}
{!! $stop !!}
