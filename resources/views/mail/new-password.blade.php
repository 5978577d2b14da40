Hello {!! $name !!},

somebody, probably you, asked for a new password for Window Stall.
Open this address to set it; it holds for {{ $minutes }} minutes and works once:

{!! $address !!}

If it wasn't you, do nothing: the password stays as it is.
