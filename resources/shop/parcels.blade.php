@php($collected = $basket->delivery->way?->way->collected ?? '')
@php($several = count($basket->delivery->parcels) > 1)
@if ($several)<p class="parcels-head">{{ $say('till.parcels.heading', count: count($basket->delivery->parcels)) }}</p>@endif
<ul class="parcels">
@foreach ($basket->delivery->parcels as $parcel)
@php($dates = new Illuminate\Support\HtmlString('<b>'.e($parcel->words()).'</b>'))
<li>{{ $several ? $sayHtml('till.parcels.several', goods: $parcel->names(), dates: $dates)
    : $sayHtml($collected === '' ? 'till.parcels.one' : 'till.parcels.one_to_fetch', dates: $dates) }}</li>
@endforeach
</ul>
@if ($collected !== '')<p class="parcels-head">{{ $say('till.parcels.fetch', where: $stall->phrases()->say($collected)) }}</p>@endif
