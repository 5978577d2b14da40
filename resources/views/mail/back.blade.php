{!! $say('letters.back.words', goods: $title) !!}

{!! $link !!}

{!! $shop !!}

{!! $say('letters.back.why') !!}
