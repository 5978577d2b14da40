@extends('standins::layout', ['title' => 'The carrier', 'about' => 'brings parcels, and says what each costs now · you are the carrier here'])
@section('main')
<section><h2 style="margin-top:0">How it answers</h2>
<p class="q">At present it {{ $mood->words() }}.</p>
@foreach ($moods as $one)
<form method="post" action="{{ route('carrier.play.mood') }}" style="display:inline">
<button type="submit" name="mood" value="{{ $one->value }}" @disabled($one === $mood)>It {{ $one->words() }}</button></form>
@endforeach
</section>
@endsection
