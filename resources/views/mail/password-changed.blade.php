Hello {!! $name !!},

your password for Window Stall was changed just now, and every other place where you were signed in was signed out.

If it wasn't you, set a new one at once:

{!! $address !!}
