@extends('standins::layout', ['title' => 'Test payment', 'about' => ''])
@section('alone', true)
@section('main')
@include('standins::fields')
@endsection
