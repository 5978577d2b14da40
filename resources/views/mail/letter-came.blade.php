{!! $name !!} ({!! $email !!}) wrote to you:

{!! $words !!}

Answer this mail, or here, where it is kept: {!! $address !!}
