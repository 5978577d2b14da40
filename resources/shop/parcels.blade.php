@php($several = count($basket->parcels) > 1)
@if ($several)<p class="parcels-head">It comes in {{ count($basket->parcels) }} parcels, if you order today:</p>@endif
<ul class="parcels">
@foreach ($basket->parcels as $parcel)
<li>@if ($several){{ $parcel->names() }}: @endif @if ($parcel->dates)<b>{{ $several ? '' : 'With you ' }}{{
    $parcel->dates->words() }}</b>{{ $several ? '.' : ', if you order today.' }}@else no day is known yet.@endif</li>
@endforeach
</ul>
