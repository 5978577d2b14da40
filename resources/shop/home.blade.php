@extends('shop::layout')
@php
    // What comes before the first section that isn't a notice stands above the masthead.
    $lead = 0;
    while (isset($sections[$lead]) && $sections[$lead]['section']->kind->key() === 'notice') { $lead++; }
@endphp
@section('above')
@foreach (array_slice($sections, 0, $lead) as $s)@include('shop::sections.notice', ['settings' => $s['section']->settings])@endforeach
@endsection
@section('main')
@foreach (array_slice($sections, $lead) as $s)
@continue($s['section']->kind->key() === 'foot')
<div data-section="{{ $s['section']->id }}">@include('shop::sections.'.$s['section']->kind->key(), ['settings' => $s['section']->settings, 'first' => $loop->first] + $s['data'])</div>
@endforeach
@endsection
@section('below')
@foreach ($sections as $s)@if ($s['section']->kind->key() === 'foot')<div data-section="{{ $s['section']->id }}">@include('shop::sections.foot', ['settings' => $s['section']->settings])</div>@endif @endforeach
@endsection
