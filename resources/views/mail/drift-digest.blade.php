{!! $headline !!}

@foreach ($told as $group)
{!! $group['headline'] !!}
{!! $group['effect'] !!}

@endforeach
Decide about it here: {!! $address !!}

You chose to be told at this hour, under Drift, your rules.
