{!! $say('till.mine.mail', link: $link) !!}

{!! $shop !!}
