Last night’s rehearsal found what went well at the one before:

@foreach ($broke as $one)
{!! $one['who'] !!}: {!! $one['words'] !!}
@if ($one['read'] !== '')
They read: “{!! $one['read'] !!}”
@endif

@endforeach
What each did and read: {!! $address !!}
