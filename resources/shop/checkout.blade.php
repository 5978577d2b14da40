@extends('shop::layout')
@section('main')
<div class="narrow">
<h1>Checkout</h1>
@if ($trouble)<p class="trouble" role="alert">{{ $trouble }}</p>@endif
@foreach ($basket->moved as $m)<p class="moved">{{ $m }}</p>@endforeach
<form method="post" action="/checkout" class="address">
<input type="hidden" name="total" value="{{ $basket->totals->total->minor }}">
@foreach (['email' => ['E-mail', 'email', 'email'], 'name' => ['Name', 'text', 'name'],
    'street' => ['House and street', 'text', 'address-line1'], 'town' => ['Town', 'text', 'address-level2'],
    'postcode' => ['Postcode', 'text', 'postal-code']] as $field => [$label, $type, $auto])
<div class="field">
<label for="{{ $field }}">{{ $label }}</label><input id="{{ $field }}" name="{{ $field }}" type="{{ $type }}"
    autocomplete="{{ $auto }}" value="{{ $typed[$field] ?? '' }}" required
    @if (isset($errors[$field])) aria-invalid="true" aria-describedby="{{ $field }}-error" @endif>
@if (isset($errors[$field]))<p class="field-error" id="{{ $field }}-error">{{ $errors[$field] }}</p>@endif</div>
@endforeach
<p class="quiet">We send to {{ $stall->marketName() }}.</p>
<ul class="lines slim">
@foreach ($basket->entries as $entry)
<li class="line"><span>{{ $entry->quantity }} × {{ $entry->name() }}</span><span
    class="amount">{{ WindowStall\Support\Views\MoneyView::text($entry->total()) }}</span></li>
@endforeach</ul>
@include('shop::parcels')
@include('shop::totals')
<button type="submit" class="button wide" data-pay>Go on to pay
    {{ WindowStall\Support\Views\MoneyView::text($basket->totals->total) }}</button>
@if ($policies !== [])<p class="quiet">You buy under these terms: @foreach ($policies as $kind => $version)<a
    href="/policies/{{ $kind }}">{{ $version->kind->heading() }}</a>@if (! $loop->last), @endif @endforeach</p>@endif
</form>
</div>
@endsection
