@extends('shop::layout')
@section('main')
<div class="narrow">
<h1>{{ $title }}</h1>
<p>{{ $say($runs ? 'shop.scripts.told' : 'shop.scripts.about', shop: $look->wordmark) }}</p>
<ul>
@foreach ($scripts->all as $one)<li>{{ $say('shop.scripts.from', name: $one['name'], purpose: $say('shop.scripts.'.$one['purpose']),
    hosts: implode(', ', $one['hosts'])) }}</li>@endforeach
</ul>
@if ($answered)<p role="status">{{ $say($runs ? 'shop.scripts.now_yes' : 'shop.scripts.now_no') }}</p>@endif
<form method="post" action="/runs-beside" class="scripts-said apart">
@include('shop::spoken')
<button class="button plain" name="said" value="yes">{{ $say('shop.scripts.yes') }}</button>
<button class="button plain" name="said" value="no">{{ $say('shop.scripts.no') }}</button>
</form>
</div>
@endsection
