@extends('standins::layout', ['title' => 'Longfurrow Parcels', 'about' => 'brings parcels, and says what each costs now · you are the carrier here'])
@section('main')
<section><h2 style="margin-top:0">How it answers</h2>
<p class="q">At present it {{ $mood->words() }}.</p>
@foreach ($moods as $one)
<form method="post" action="{{ route('carrier.play.mood') }}" style="display:inline">
<button type="submit" name="mood" value="{{ $one->value }}" @disabled($one === $mood)>It {{ $one->words() }}</button></form>
@endforeach
</section>
<section>
<div class="row"><h2 style="margin:0">Parcels</h2><span style="flex:1"></span>
<form method="post" action="{{ route('carrier.play.day') }}"><button type="submit" class="do" id="day">Let a day pass</button></form></div>
@if ($parcels->isEmpty())
<p class="q">None yet. They come when a supplier posts something.</p>
@else
<table><thead><tr><th scope="col">Parcel<th scope="col">From<th scope="col">To<th scope="col">Stands<td></td></tr></thead><tbody>
@foreach ($parcels as $parcel)
@php($at = $last->get($parcel->tracking))
<tr><td>{{ $parcel->tracking }}<td>{{ $parcel->sender }}<td>{{ $parcel->town }}, {{ $parcel->country }}
<td>{{ $at?->kind }} <span class="q">{{ $at?->at }}</span>
<td class="n"><form method="post" action="{{ route('carrier.play.parcel', $parcel->tracking) }}">
<button type="submit" name="do" value="moved">On its way</button> <button type="submit" name="do" value="round">Brought today</button>
<button type="submit" name="do" value="missed">Nobody in</button> <button type="submit" class="do" name="do" value="there">There</button>
<button type="submit" name="do" value="back">Back</button> <button type="submit" name="do" value="lost">Lost</button></form></tr>
@endforeach</tbody></table>@endif
</section>
@endsection
