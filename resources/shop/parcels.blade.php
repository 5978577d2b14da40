@php($several = count($basket->delivery->parcels) > 1)
@if ($several)<p class="parcels-head">It comes in {{ count($basket->delivery->parcels) }} parcels, if you order today:</p>@endif
<ul class="parcels">
@foreach ($basket->delivery->parcels as $parcel)
<li>@if ($several){{ $parcel->names() }}: @endif <b>{{ $several ? '' : 'With you ' }}{{
    $parcel->dates->words() }}</b>{{ $several ? '.' : ', if you order today.' }}</li>
@endforeach
</ul>
