{!! $say('letters.hello', name: $name) !!}

{!! $words !!}

{!! $shop !!}
