{!! $say('letters.asked.you') !!}

{!! $question !!}

{!! $say('letters.asked.answer', shop: $shop) !!}

{!! $answer !!}

{!! $link !!}

{!! $say('letters.asked.why') !!}
