Hello {!! $name !!},

{!! $words !!}

{!! $shop !!}
